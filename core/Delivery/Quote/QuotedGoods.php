<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Money;

/** One line of a basket that is to be sent. */
final readonly class QuotedGoods
{
    /**
     * @param  int  $supplier  whom it comes from
     * @param  int  $pieces  from 1
     * @param  int|null  $grams  of one piece; null where that isn't known
     * @param  Money  $price  what all the pieces are sold for
     * @param  Money|null  $cost  what all the pieces cost the stall, without delivery; null where that isn't known
     * @param  list<string>  $tags
     * @param  list<Offer>  $offers  how its supplier sends it to that country, deliveries in the currency of the price
     */
    public function __construct(
        public string $name,
        public int $supplier,
        public int $pieces,
        public ?int $grams,
        public Money $price,
        public ?Money $cost,
        public array $tags,
        public array $offers,
    ) {
    }

    /**
     * What it can go by: from where there are enough pieces; where none has enough but all together have, from any of them,
     * and its supplier shares that out itself.
     *
     * @return list<Offer>
     */
    public function reachable(): array
    {
        $whole = array_values(array_filter($this->offers, fn (Offer $offer): bool => $offer->stock >= $this->pieces));
        $stock = array_column(
            array_map(static fn (Offer $o): array => [$o->warehouse, $o->stock], $this->offers),
            1,
            0,
        );

        return $whole !== [] || array_sum($stock) < $this->pieces
            ? $whole
            : array_values(array_filter($this->offers, static fn (Offer $offer): bool => $offer->stock > 0));
    }
}
