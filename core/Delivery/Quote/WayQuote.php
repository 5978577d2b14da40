<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Money\Money;

/** One way that a basket can go to an address: what is paid, what it costs, and when what is there. */
final readonly class WayQuote
{
    /**
     * @param  int  $at  where the way stands among the place's
     * @param  non-empty-list<ParcelQuote>  $parcels
     * @param  Money  $plain  what the way asks, before it is free and without surcharges
     * @param  Money  $surcharge  for goods with terms of their own
     * @param  Money  $charge  what the shopper pays
     */
    public function __construct(
        public int $at,
        public Way $way,
        public array $parcels,
        public Money $plain,
        public Money $surcharge,
        public Money $charge,
    ) {
    }

    /** What sending all of it costs the stall. */
    public function cost(): Money
    {
        return $this->charge->with(array_sum(array_map(
            static fn (ParcelQuote $p): int => $p->method->cost->minor,
            $this->parcels,
        )));
    }

    public function isFree(): bool
    {
        return $this->charge->minor === 0 && $this->plain->minor > 0;
    }

    /** The last day on which the last of it is there. */
    public function latest(): \DateTimeImmutable
    {
        return max(array_map(static fn (ParcelQuote $p): \DateTimeImmutable => $p->dates->latest, $this->parcels));
    }

    /** The first day on which all of it may be there. */
    public function earliest(): \DateTimeImmutable
    {
        return max(array_map(static fn (ParcelQuote $p): \DateTimeImmutable => $p->dates->earliest, $this->parcels));
    }

    /** The same for another charge, such as where a code pays for it. */
    public function charging(Money $charge): self
    {
        return new self($this->at, $this->way, $this->parcels, $this->plain, $this->surcharge, $charge);
    }
}
