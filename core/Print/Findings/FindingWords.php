<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

/** Lengths and names as sellers read them. */
final class FindingWords
{
    /** @param  int  $tenths  of a millimetre: 633 is "63.3 mm" */
    public static function millimetres(int $tenths): string
    {
        return ($tenths % 10 === 0 ? (string) intdiv($tenths, 10) : number_format($tenths / 10, 1, '.', '')).' mm';
    }

    /** @param  non-empty-list<string>  $names  "Bottle, Soil and Ink" */
    public static function all(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? $last : implode(', ', $names).' and '.$last;
    }
}
