<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** Barcodes: GTIN-8, -12, -13 and -14, checked by their last digit (GS1 General Specifications 7.9). */
final class Gtin
{
    public static function valid(string $code): bool
    {
        if (preg_match('/^(?:\d{8}|\d{12,14})$/D', $code) !== 1) {
            return false;
        }
        $sum = 0;
        foreach (str_split(strrev(substr($code, 0, -1))) as $i => $digit) {
            $sum += (int) $digit * ($i % 2 === 0 ? 3 : 1);
        }

        return (10 - $sum % 10) % 10 === (int) $code[-1];
    }

    /** The same for the same goods however it is written: GTIN-14 with leading noughts. Null for what is no GTIN. */
    public static function plain(?string $code): ?string
    {
        return $code !== null && self::valid($code) ? str_pad($code, 14, '0', STR_PAD_LEFT) : null;
    }
}
