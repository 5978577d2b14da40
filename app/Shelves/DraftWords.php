<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Shelves\ShelfWords;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** A first text for a shelf, worked out from the goods that stand on it. */
final class DraftWords
{
    public static function of(Stall $stall, Shelf $shelf): string
    {
        $goods = ShelfGoods::fitting($stall, $shelf)->where('facts.buyable', true);
        $row = (clone $goods)
            ->selectRaw('count(*) AS goods, min(price_minor) AS least, max(price_minor) AS most')
            ->selectRaw('min(days_max) AS soonest, max(days_max) AS latest')
            ->first();
        $types = $goods
            ->where('facts.type', '!=', '')
            ->groupBy('facts.type')
            ->orderByRaw('count(*) DESC, facts.type')
            ->limit(2)
            ->pluck('facts.type');
        $text = static fn (mixed $minor): string => $minor === null
            ? ''
            : MoneyView::text($stall->money((int) $minor));

        return ShelfWords::draft(
            name: $shelf->name,
            goods: (int) $row?->goods,
            types: array_values(array_map(strval(...), $types->all())),
            least: $text($row?->least),
            most: $text($row?->most),
            days: $row?->soonest === null ? null : new DayRange((int) $row->soonest, (int) $row->latest),
        );
    }
}
