<?php

declare(strict_types=1);

namespace WindowStall\Support\Views;

/** Basis points as a person reads them: 4230 → "42%", 950 → "9.5%" where decimals are wanted. */
final class Percent
{
    public static function whole(?int $bp): string
    {
        return $bp === null ? '–' : (($bp < 0 ? '−' : '').intdiv(abs($bp) + 50, 100).'%');
    }

    /** "20", "1.5": without a sign, as typed into a field. */
    public static function digits(int $bp): string
    {
        return rtrim(rtrim(sprintf('%d.%02d', intdiv($bp, 100), $bp % 100), '0'), '.');
    }

    /** Reads "20" or "1.5" or "1,5"; null when it is no percentage between 0 and 100. */
    public static function parse(string $text): ?int
    {
        if (preg_match('/^\s*(\d{1,3})(?:[.,](\d{1,2}))?\s*%?\s*$/D', $text, $m) !== 1) {
            return null;
        }
        $bp = (int) $m[1] * 100 + (int) str_pad($m[2] ?? '', 2, '0');

        return $bp <= 10_000 ? $bp : null;
    }
}
