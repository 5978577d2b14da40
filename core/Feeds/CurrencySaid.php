<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** The currency that the amounts of a column name themselves. */
final class CurrencySaid
{
    /** Signs that stand for one currency alone; a bare dollar or yen sign doesn't. */
    private const SIGNS = ['€' => 'EUR', '£' => 'GBP', '₹' => 'INR', 'zł' => 'PLN', 'Kč' => 'CZK', 'US$' => 'USD'];

    /**
     * @param  list<string>  $cells
     * @param  list<string>  $known  codes (ISO 4217)
     * @return string|null a code; null where none is named, or several are
     */
    public static function in(array $cells, array $known): ?string
    {
        $said = [];
        foreach ($cells as $cell) {
            foreach (self::SIGNS as $sign => $code) {
                $said += str_contains($cell, $sign) ? [$code => true] : [];
            }
            $found = preg_match_all('/(?<!\p{L})(?:'.implode('|', $known).')(?!\p{L})/iu', $cell, $m);
            $said += $found > 0 ? array_fill_keys(array_map(strtoupper(...), $m[0]), true) : [];
        }
        $codes = array_values(array_intersect($known, array_keys($said)));

        return count($codes) === 1 ? $codes[0] : null;
    }
}
