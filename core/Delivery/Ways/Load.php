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
     */
    public function __construct(public int $pieces, public ?int $grams, public Money $goods, public ?Money $cost)
    {
    }

    /** @param  non-empty-list<self>  $loads */
    public static function together(array $loads): self
    {
        $grams = array_map(static fn (self $l): ?int => $l->grams, $loads);
        $goods = $loads[0]->goods->with(array_sum(array_map(static fn (self $l): int => $l->goods->minor, $loads)));
        $costs = array_filter(array_map(static fn (self $l): ?int => $l->cost?->minor, $loads), is_int(...));

        return new self(
            array_sum(array_map(static fn (self $l): int => $l->pieces, $loads)),
            in_array(null, $grams, true) ? null : array_sum($grams),
            $goods,
            count($costs) === count($loads) ? $goods->with(array_sum($costs)) : null,
        );
    }
}
