<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** The sizes of a blank in the print house's order. */
final class SizesOf
{
    /** @return list<string> "" alone for one without */
    public static function item(Item $item): array
    {
        return array_values(array_unique(array_map(
            static fn (Variant $v): string => $v->options[Blank::SIZE] ?? '',
            $item->variants,
        )));
    }
}
