<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/** What something weighs, as it is said. */
final class Weight
{
    /** @return string "300 g", "1.25 kg": to ten grams from a kilogram on */
    public static function said(int $grams): string
    {
        return $grams < 1_000 ? $grams.' g' : rtrim(rtrim(number_format($grams / 1_000, 2), '0'), '.').' kg';
    }
}
