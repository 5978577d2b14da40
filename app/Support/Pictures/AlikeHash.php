<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Intervention\Image\Interfaces\ImageInterface;

/**
 * A perceptual hash (difference hash, 64 bits): whether each of 8 × 8 fields is darker than the one to its right.
 * Scaling, recompressing and small touches change few bits; another picture changes about half of them. The mean colour
 * stands behind it, so that one shape in two colours counts as two pictures.
 */
final class AlikeHash
{
    /** Up to so many bits may differ between two versions of one picture. */
    public const SAME = 5;

    /** Steps of 255 by which a channel of the mean colour may differ. */
    private const SAME_COLOUR = 4;

    private const BITS = 16;

    /** @return string 16 hexadecimal digits of shape, 6 of colour */
    public static function of(ImageInterface $image): string
    {
        $small = (clone $image)->resize(9, 8)->greyscale();
        $bits = '';
        for ($y = 0; $y < 8; $y++) {
            for ($x = 0; $x < 8; $x++) {
                $bits .=
                    $small->pickColor($x, $y)->toArray()[0] < $small->pickColor($x + 1, $y)->toArray()[0] ? '1' : '0';
            }
        }

        // The middle, where the thing is: the ground is the same in all of a supplier's pictures.
        $middle = (clone $image)->scaleDown(width: 120, height: 120);
        $mean = $middle
            ->crop(
                max(1, intdiv($middle->width(), 2)),
                max(1, intdiv($middle->height(), 2)),
                intdiv($middle->width(), 4),
                intdiv($middle->height(), 4),
            )
            ->resize(1, 1)
            ->pickColor(0, 0)
            ->toArray();

        return implode(
            '',
            array_map(static fn (string $four): string => dechex((int) bindec($four)), str_split($bits, 4)),
        ).sprintf('%02x%02x%02x', $mean[0], $mean[1], $mean[2]);
    }

    public static function same(string $one, string $other): bool
    {
        foreach ([0, 2, 4] as $channel) {
            if (abs(self::channel($one, $channel) - self::channel($other, $channel)) > self::SAME_COLOUR) {
                return false;
            }
        }
        $differing = 0;
        foreach (str_split(substr($one, 0, self::BITS)) as $i => $digit) {
            $differing += substr_count(decbin((int) hexdec($digit) ^ (int) hexdec($other[$i] ?? '0')), '1');
        }

        return $differing <= self::SAME;
    }

    private static function channel(string $hash, int $at): int
    {
        return (int) hexdec(substr($hash, self::BITS + $at, 2));
    }
}
