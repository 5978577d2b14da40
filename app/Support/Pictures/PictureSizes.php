<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use WindowStall\Support\Refusal;

/** Makes a picture once into the sizes the shop needs: WebP for all, one JPEG for whoever can't read that. */
final class PictureSizes
{
    public const WIDTHS = [320, 640, 1200];

    /** What the JPEG is made at. */
    private const PLAIN = 640;

    /** Pixels a side of the whole picture that is kept, from which the sizes can be made again. */
    private const WHOLE = 2_400;

    /**
     * @param  string  $bytes  the file as it came
     * @param  string  $folder  where the sizes go on the media disk
     * @param  Crop|null  $crop  what of it is shown; the whole when null
     * @return array{path: string, width: int, height: int, original: string, alike: string} path without size and ending; the size of the largest one made; where the whole lies; its perceptual hash
     *
     * @throws Refusal when it is no picture that can be used, with the reason
     */
    public function make(string $bytes, string $folder, ?Crop $crop = null): array
    {
        PictureFile::check($bytes);
        // Made small at once: nothing is done to it at its full size. Upright, and without what the camera wrote into it.
        $image = $this->read($bytes)->scaleDown(self::WHOLE, self::WHOLE);
        // Under a name that nobody can work out from the file.
        $original = trim($folder, '/').'/'.bin2hex(random_bytes(16)).'-whole.webp';
        self::disk()->put($original, (string) $image->toWebp(92));

        return $this->sizes($image, $original, $folder, $crop);
    }

    /**
     * Makes the sizes again from the whole, showing another part of it.
     *
     * @return array{path: string, width: int, height: int, original: string, alike: string}
     *
     * @throws Refusal
     */
    public function again(string $original, string $folder, Crop $crop): array
    {
        $bytes = (string) self::disk()->get($original);
        PictureFile::check($bytes, self::WHOLE * self::WHOLE);

        return $this->sizes($this->read($bytes), $original, $folder, $crop);
    }

    /** @return array{path: string, width: int, height: int, original: string, alike: string} */
    private function sizes(ImageInterface $image, string $original, string $folder, ?Crop $crop): array
    {
        $alike = AlikeHash::of($image);
        $crop?->apply($image);
        $image->scaleDown(width: max(self::WIDTHS));
        $path = trim($folder, '/').'/'.substr(hash('xxh128', $original.($crop?->key() ?? '')), 0, 16);
        $made = ['path' => $path, 'width' => $image->width(), 'height' => $image->height(), 'original' => $original, 'alike' => $alike];
        foreach (array_reverse(self::WIDTHS) as $w) {
            $image->scaleDown(width: $w);
            self::disk()->put($path.'-'.$w.'.webp', (string) $image->toWebp(86));
            if ($w === self::PLAIN) {
                self::disk()->put($path.'-'.$w.'.jpg', (string) $image->toJpeg(82));
            }
        }

        return $made;
    }

    /** @throws Refusal */
    private function read(string $bytes): ImageInterface
    {
        try {
            return (new ImageManager(new Driver))->read($bytes);
        } catch (RuntimeException) {
            throw new Refusal('This picture is damaged and can’t be opened. Save it again and retry.');
        }
    }

    private static function disk(): Filesystem
    {
        return Storage::disk((string) config('filesystems.media'));
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
