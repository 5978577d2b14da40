<?php

declare(strict_types=1);

namespace WindowStall\Standins;

/** GTIN-13 in the range kept for use inside a shop (prefix 20), check digit by GS1 General Specifications 7.9. */
final class Gtin
{
    public static function of(string $id): string
    {
        $body = '20'.str_pad((string) (crc32($id) % 10_000_000_000), 10, '0', STR_PAD_LEFT);
        $sum = 0;
        foreach (str_split($body) as $i => $digit) {
            $sum += (int) $digit * ($i % 2 === 0 ? 1 : 3);
        }

        return $body.((10 - $sum % 10) % 10);
    }
}
