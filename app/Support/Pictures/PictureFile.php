<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use WindowStall\Support\Refusal;

/** Looks at a picture's file without opening the picture: what kind it is and how large it would become in memory. */
final class PictureFile
{
    private const MOST_SIDE = 9_000;

    private const LEAST_SIDE = 160;

    /** A logo is often much wider than it is tall. */
    public const LEAST_LOGO = 40;

    /** Pixels; an opened picture takes four bytes for each. */
    private const MOST_AREA = 40_000_000;

    /**
     * @param  int  $mostArea  pixels
     * @param  int  $least  pixels a side
     *
     * @throws Refusal when it is no picture that can be used, with the reason
     */
    public static function check(string $bytes, int $mostArea = self::MOST_AREA, int $least = self::LEAST_SIDE): void
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw new Refusal(preg_match('/<svg[\s>]/i', substr($bytes, 0, 4096)) === 1
                ? 'An SVG drawing can carry scripts, so it isn’t taken. Save it as PNG, JPEG or WebP.'
                : 'This file is no picture. Choose a JPEG, PNG or WebP.');
        }
        [$width, $height] = $size;
        if (max($width, $height) > self::MOST_SIDE) {
            throw new Refusal(
                sprintf('The picture is %d × %d; %d a side is the most.', $width, $height, self::MOST_SIDE),
            );
        }
        if ($width * $height > $mostArea) {
            throw new Refusal(sprintf(
                'The picture has %d million pixels (%d × %d); %d million are the most.',
                intdiv($width * $height, 1_000_000),
                $width,
                $height,
                intdiv($mostArea, 1_000_000),
            ));
        }
        if (min($width, $height) < $least) {
            throw new Refusal(sprintf(
                'The picture is %d × %d, too small to be seen well: %d a side is the least.',
                $width,
                $height,
                $least,
            ));
        }
    }
}
