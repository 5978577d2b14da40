<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Priced;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;

/**
 * What printing adds to one piece of a blank, in the print house's currency: by method its first and each further area, an
 * area's own cost where it has one, the white under it on dark cloth, less for many at once.
 */
final class PrintCost
{
    /** @param  string  $currency  of the print house */
    public static function of(Blank $blank, Placing $placing, string $colour, string $currency, int $pieces = 1): Money
    {
        $cost = Money::of(0, $currency);
        $white = Money::of(0, $currency);
        $methods = [];
        foreach ($placing->printed() as $laid) {
            $method = $blank->method($laid->method);
            if ($method === null) {
                continue;
            }
            $first = ! in_array($method->code, $methods, true);
            $methods[] = $method->code;
            $cost = $cost->plus($method->byArea[$laid->area] ?? ($first ? $method->first : $method->further));
            if ($method->underbase !== null && in_array($colour, $blank->dark, true)) {
                $white = $white->plus($method->underbase);
            }
        }
        $off = 0;
        foreach (self::steps($blank, $placing) as $from => $bp) {
            $off = $pieces >= $from ? $bp : $off;
        }

        return Money::of(intdiv($cost->plus($white)->minor * (10_000 - $off) + 5_000, 10_000), $currency);
    }

    /** @return array<int, int> from so many pieces in an order → basis points that printing costs less, the fewest first */
    public static function steps(Blank $blank, Placing $placing): array
    {
        $steps = [];
        foreach ($placing->printed() as $laid) {
            foreach ($blank->method($laid->method)->limits->breaks ?? [] as [$from, $bp]) {
                $steps[$from] = max($steps[$from] ?? 0, $bp);
            }
        }
        ksort($steps);
        $off = 0;
        foreach ($steps as $from => $bp) {
            $steps[$from] = $off = max($off, $bp);
        }

        return $steps;
    }
}
