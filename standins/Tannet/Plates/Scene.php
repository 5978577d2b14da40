<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/** Where a blank is photographed: lying flat, hanging, or in its place. */
enum Scene: string
{
    case Flat = 'flat';
    case Hanging = 'hanging';
    case InPlace = 'place';

    public function named(Shape $shape): string
    {
        return match ($this) {
            self::Flat => $shape->stuff === Stuff::Clay ? 'On its own' : 'Lying flat',
            self::Hanging => match ($shape->stuff) {
                Stuff::Clay => 'On a shelf',
                Stuff::Paper => 'Pinned up',
                default => 'On the line',
            },
            self::InPlace => match ($shape->stuff) {
                Stuff::Jersey, Stuff::Fleece => 'Worn',
                Stuff::Clay => 'On the potting bench',
                Stuff::Paper => 'On the wall',
                default => 'By the shed',
            },
        };
    }
}
