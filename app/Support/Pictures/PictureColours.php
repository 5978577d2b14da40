<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;

/** The colours of a picture, thinned out: counted from its smallest size, once. */
final class PictureColours
{
    /** Pixels a side that are looked at. */
    private const SIDE = 48;

    /** Pixels of width that are enough to count from. */
    private const LOOKED_AT = 150;

    public const POINTS = self::SIDE * self::SIDE;

    /** Colours are told apart this coarsely, of 256 steps. */
    private const STEP = 12;

    /** @return array<string, int> #rrggbb → how many of the pixels; transparent ones aren't counted */
    public static function of(string $path): array
    {
        // A path is of one picture for ever, so what was counted stays true.
        return Cache::rememberForever('picture colours '.$path, static fn (): array => self::count($path));
    }

    /** @return array<string, int> */
    private static function count(string $path): array
    {
        $disk = Storage::disk((string) config('filesystems.media'));
        $name = $path.'-'.PictureSizes::width($path, self::LOOKED_AT).'.webp';
        $bytes = $disk->exists($name) ? (string) $disk->get($name) : '';
        $image = $bytes === '' ? false : @imagecreatefromstring($bytes);
        if ($image === false) {
            return [];
        }
        $small = imagescale($image, self::SIDE, self::SIDE, IMG_BICUBIC) ?: $image;
        $counts = [];
        for ($x = 0; $x < imagesx($small); $x++) {
            for ($y = 0; $y < imagesy($small); $y++) {
                $pixel = (int) imagecolorat($small, $x, $y);
                if ((($pixel >> 24) & 0x7F) < 64) {
                    $hex = sprintf(
                        '#%02x%02x%02x',
                        self::step($pixel >> 16),
                        self::step($pixel >> 8),
                        self::step($pixel),
                    );
                    $counts[$hex] = ($counts[$hex] ?? 0) + 1;
                }
            }
        }
        arsort($counts);

        return $counts;
    }

    private static function step(int $value): int
    {
        return min(255, intdiv(($value & 0xFF) + intdiv(self::STEP, 2), self::STEP) * self::STEP);
    }
}
