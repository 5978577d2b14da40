<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** What of a parcel, or of a whole basket taken as one, its charge may go by. */
final readonly class Load
{
    /**
     * @param  int|null  $grams  null where the weight of one of its goods isn't known
     * @param  Money  $goods  what they are sold for
     * @param  Money|null  $cost  what sending it costs the stall; null where that isn't known
     * @param  Money|null  $carrier  what a carrier asks for it; null where none was asked, or it didn't say
     */
    public function __construct(
        public int $pieces,
        public ?int $grams,
        public Money $goods,
        public ?Money $cost,
        public ?Money $carrier = null,
    ) {
    }

    /** @param  non-empty-list<self>  $loads */
    public static function together(array $loads): self
    {
        $grams = array_map(static fn (self $l): ?int => $l->grams, $loads);
        $goods = $loads[0]->goods->with(array_sum(array_map(static fn (self $l): int => $l->goods->minor, $loads)));
        $sum = static function (callable $of) use ($loads, $goods): ?Money {
            $known = array_filter(array_map($of, $loads), is_int(...));

            return count($known) === count($loads) ? $goods->with(array_sum($known)) : null;
        };

        return new self(
            array_sum(array_map(static fn (self $l): int => $l->pieces, $loads)),
            in_array(null, $grams, true) ? null : array_sum($grams),
            $goods,
            $sum(static fn (self $l): ?int => $l->cost?->minor),
            $sum(static fn (self $l): ?int => $l->carrier?->minor),
        );
    }
}
