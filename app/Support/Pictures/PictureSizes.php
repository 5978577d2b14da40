<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Illuminate\Support\Facades\Storage;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use WindowStall\Support\Refusal;

/** Makes a picture once into the sizes the shop needs: WebP for all, one JPEG for whoever can't read that. */
final class PictureSizes
{
    public const WIDTHS = [320, 640, 1200];

    /** What the JPEG is made at. */
    private const PLAIN = 640;

    private const MOST_SIDE = 9_000;

    private const LEAST_SIDE = 160;

    /**
     * @param  string  $bytes  the file as it came
     * @param  string  $folder  where the sizes go on the media disk
     * @param  Crop|null  $crop  what of it is shown; the whole when null
     * @return array{path: string, width: int, height: int, original: string, alike: string} path without size and ending; the size of the largest one made; where the original lies; its perceptual hash
     *
     * @throws Refusal when it is no picture that can be used, with the reason
     */
    public function make(string $bytes, string $folder, ?Crop $crop = null): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw new Refusal(preg_match('/<svg[\s>]/i', substr($bytes, 0, 4096)) === 1
                ? 'An SVG drawing can carry scripts, so it isn’t taken. Save it as PNG, JPEG or WebP.'
                : 'This file is no picture. Choose a JPEG, PNG or WebP.');
        }
        [$width, $height] = $size;
        if (max($width, $height) > self::MOST_SIDE) {
            throw new Refusal(sprintf('The picture is %d × %d; %d a side is the most.', $width, $height, self::MOST_SIDE));
        }
        if (min($width, $height) < self::LEAST_SIDE) {
            throw new Refusal(sprintf('The picture is %d × %d, too small to be seen well: %d a side is the least.', $width, $height, self::LEAST_SIDE));
        }
        try {
            $image = (new ImageManager(new Driver))->read($bytes);
        } catch (RuntimeException) {
            throw new Refusal('This picture is damaged and can’t be opened. Save it again and retry.');
        }
        $disk = Storage::disk((string) config('filesystems.media'));
        $original = trim($folder, '/').'/'.substr(hash('xxh128', $bytes), 0, 16).'-original';
        $path = trim($folder, '/').'/'.substr(hash('xxh128', $bytes.($crop?->key() ?? '')), 0, 16);
        $disk->exists($original) || $disk->put($original, $bytes);
        $alike = AlikeHash::of($image);
        $crop?->apply($image);
        $image->scaleDown(width: max(self::WIDTHS));
        $made = ['path' => $path, 'width' => $image->width(), 'height' => $image->height(), 'original' => $original, 'alike' => $alike];
        foreach (array_reverse(self::WIDTHS) as $w) {
            $image->scaleDown(width: $w);
            $disk->put($path.'-'.$w.'.webp', (string) $image->toWebp(86));
            if ($w === self::PLAIN) {
                $disk->put($path.'-'.$w.'.jpg', (string) $image->toJpeg(82));
            }
        }

        return $made;
    }

    /**
     * Makes the sizes again from the original, showing another part of it.
     *
     * @return array{path: string, width: int, height: int, original: string, alike: string}
     */
    public function again(string $original, string $folder, Crop $crop): array
    {
        return $this->make((string) Storage::disk((string) config('filesystems.media'))->get($original), $folder, $crop);
    }

    public static function original(string $path): string
    {
        return Storage::disk((string) config('filesystems.media'))->url($path);
    }

    public static function url(string $path, int $width, string $ending = 'webp'): string
    {
        $size = self::PLAIN;
        foreach (array_reverse(self::WIDTHS) as $w) {
            $size = $w >= $width ? $w : $size;
        }

        return Storage::disk((string) config('filesystems.media'))->url($path.'-'.($ending === 'jpg' ? self::PLAIN : $size).'.'.$ending);
    }

    /** For <img srcset>. */
    public static function srcset(string $path): string
    {
        return implode(', ', array_map(static fn (int $w): string => self::url($path, $w).' '.$w.'w', self::WIDTHS));
    }
}
