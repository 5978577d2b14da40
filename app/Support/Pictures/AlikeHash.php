<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Intervention\Image\Interfaces\ImageInterface;

/**
 * A perceptual hash (difference hash, 64 bits): whether each of 8 × 8 fields is darker than the one to its right. Scaling,
 * recompressing and small touches change few bits; another picture changes about half of them.
 */
final class AlikeHash
{
    /** Up to so many bits may differ between two versions of one picture. */
    public const SAME = 5;

    /** @return string 16 hexadecimal digits */
    public static function of(ImageInterface $image): string
    {
        $small = (clone $image)->resize(9, 8)->greyscale();
        $bits = '';
        for ($y = 0; $y < 8; $y++) {
            for ($x = 0; $x < 8; $x++) {
                $bits .= $small->pickColor($x, $y)->toArray()[0] < $small->pickColor($x + 1, $y)->toArray()[0] ? '1' : '0';
            }
        }

        return implode('', array_map(static fn (string $four): string => dechex((int) bindec($four)), str_split($bits, 4)));
    }

    public static function same(string $one, string $other): bool
    {
        $differing = 0;
        foreach (str_split($one) as $i => $digit) {
            $differing += substr_count(decbin((int) hexdec($digit) ^ (int) hexdec($other[$i] ?? '0')), '1');
        }

        return $differing <= self::SAME;
    }
}
