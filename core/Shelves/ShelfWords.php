<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Words\Plural;

/** A first text for the top of a shelf, of nothing but what its goods are. */
final class ShelfWords
{
    /**
     * @param  list<string>  $types  of its goods, commonest first
     * @param  string  $least  what the cheapest is asked for, as shoppers read it; "" where nothing is
     */
    public static function draft(
        string $name,
        int $goods,
        array $types,
        string $least,
        string $most,
        ?DayRange $days,
    ): string {
        if ($goods === 0) {
            return '';
        }
        $kinds = match (true) {
            count($types) < 2 || mb_strtolower($types[0]) === mb_strtolower($name) => '',
            default => ', from '.mb_strtolower($types[0]).' to '.mb_strtolower($types[1]),
        };
        $first = sprintf('%s: %s%s.', $name, Plural::of($goods, 'thing'), $kinds);
        $price = match (true) {
            $least === '' => '',
            $least === $most => sprintf(' Each costs %s.', $least),
            default => sprintf(' They cost from %s to %s.', $least, $most),
        };

        return $first.$price.($days === null ? '' : sprintf(' With you in %s.', $days->words()));
    }
}
