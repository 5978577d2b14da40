<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use GdImage;
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
    /** From one to the next less than twice: whatever is drawn, no picture is sent at twice its width. */
    public const WIDTHS = [80, 150, 280, 440, 640, 900, 1200];

    /** Those that pictures were made in before. */
    private const COARSE = [320, 640, 1200];

    /** By this end of its path a picture is known to have all widths. */
    private const FINE = '-f';

    /** What the JPEG is made at. */
    private const PLAIN = 640;

    /** Pixels a side of the whole picture that is kept, from which the sizes can be made again. */
    private const WHOLE = 2_400;

    /** Pixels a side from which two pictures are known to be alike. */
    private const ALIKE = 440;

    /** Spots a side at which it is looked whether a picture can be seen through. */
    private const SPOTS = 120;

    /** Pixels a side of a logo's sign, as phones ask for it on their first screen. */
    private const ICON = 180;

    /** Pixels a side that have to be left of a logo when it is trimmed. */
    private const LEAST_LEFT = 12;

    /** How far a logo's surroundings may differ and still be empty, in hundredths of the greatest distance there is. */
    private const NEARLY = 0.5;

    /**
     * @param  string  $bytes  the file as it came
     * @param  string  $folder  where the sizes go on the media disk
     * @return array{path: string, width: int, height: int, original: string, alike: string} path without size and
     *     ending; the size of the largest one made; where the whole lies; its perceptual hash
     *
     * @throws Refusal when it is no picture that can be used, with the reason
     */
    public function make(string $bytes, string $folder): array
    {
        PictureFile::check($bytes);
        // Made small at once: nothing is done to it at its full size. Upright, and without what the camera wrote into
        // it.
        $image = self::within($this->read($bytes), self::WHOLE, self::WHOLE);

        return $this->kept($image, $folder);
    }

    /**
     * Makes a logo: what is empty around it is cut off, and a square sign for the browser's tab is made besides.
     *
     * @return array{path: string, width: int, height: int, original: string, alike: string}
     *
     * @throws Refusal
     */
    public function logo(string $bytes, string $folder): array
    {
        PictureFile::check($bytes, least: PictureFile::LEAST_LOGO);
        $image = self::within($this->read($bytes), self::WHOLE, self::WHOLE);
        self::trim($image);
        $made = $this->kept($image, $folder);
        $icon = $this->read((string) self::disk()->get($made['original']))->contain(
            self::ICON,
            self::ICON,
            'rgba(255,255,255,0)',
        );
        self::disk()->put($made['path'].'-icon.png', (string) $icon->toPng());

        return $made;
    }

    /** @return array{path: string, width: int, height: int, original: string, alike: string} */
    private function kept(ImageInterface $image, string $folder): array
    {
        // WebP takes ten times as long, and only what can be seen through needs it.
        $opaque = ! self::canBeSeenThrough($image);
        // Under a name that nobody can work out from the file.
        $original = trim($folder, '/').'/'.bin2hex(random_bytes(16)).'-whole.'.($opaque ? 'jpg' : 'webp');
        self::disk()->put($original, (string) ($opaque ? $image->toJpeg(92) : $image->toWebp(92)));

        return $this->sizes($image, $original, $folder, null);
    }

    /**
     * Makes the sizes again from the whole, showing another part of it.
     *
     * @return array{path: string, width: int, height: int, original: string, alike: string, seen_x: int, seen_y: int}
     *
     * also where the crop's point lies in what is shown
     *
     * @throws Refusal
     */
    public function again(string $original, string $folder, Crop $crop): array
    {
        $bytes = (string) self::disk()->get($original);
        PictureFile::check($bytes, self::WHOLE * self::WHOLE);
        $image = $this->read($bytes);
        [$x, $y] = $crop->seen($image->width(), $image->height());

        return $this->sizes($image, $original, $folder, $crop) + ['seen_x' => $x, 'seen_y' => $y];
    }

    /** @return array{path: string, width: int, height: int, original: string, alike: string} */
    private function sizes(ImageInterface $image, string $original, string $folder, ?Crop $crop): array
    {
        $alike = AlikeHash::of(self::within(clone $image, self::ALIKE, self::ALIKE));
        $crop?->apply($image);
        self::within($image, max(self::WIDTHS), null);
        $path = trim($folder, '/').'/'.substr(hash('xxh128', $original.($crop?->key() ?? '')), 0, 16).self::FINE;
        $made = [
            'path' => $path,
            'width' => $image->width(),
            'height' => $image->height(),
            'original' => $original,
            'alike' => $alike,
        ];
        foreach (array_reverse(self::WIDTHS) as $w) {
            self::within($image, $w, null);
            self::disk()->put($path.'-'.$w.'.webp', (string) $image->toWebp(86));
            if ($w === self::PLAIN) {
                self::disk()->put($path.'-'.$w.'.jpg', (string) $image->toJpeg(82));
            }
        }

        return $made;
    }

    /** Looked at small, where each spot is the mean of what lies there. */
    private static function canBeSeenThrough(ImageInterface $image): bool
    {
        $small = self::within(clone $image, self::SPOTS, self::SPOTS)->core()->native();
        if (! $small instanceof GdImage) {
            return true;
        }
        for ($y = imagesy($small) - 1; $y >= 0; $y--) {
            for ($x = imagesx($small) - 1; $x >= 0; $x--) {
                if (((int) imagecolorat($small, $x, $y) >> 24 & 0x7F) !== 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Takes away what has the colour of the corner, or can be seen through as it can; a plain box stays as it is. */
    private static function trim(ImageInterface $image): void
    {
        $whole = $image->core()->native();
        if ($whole instanceof GdImage) {
            // Intervention's own way doesn't look at what can be seen through, and its mark for that makes GD draw it
            // black.
            imagecolortransparent($whole, -1);
            $trimmed = imagecropauto($whole, IMG_CROP_THRESHOLD, self::NEARLY, (int) imagecolorat($whole, 0, 0));
            // Of a plain box a hem of its edge could be left, which is no logo.
            if ($trimmed !== false && min(imagesx($trimmed), imagesy($trimmed)) >= self::LEAST_LEFT) {
                imagealphablending($trimmed, false);
                imagesavealpha($trimmed, true);
                $image->core()->setNative($trimmed);
            }
        }
    }

    /** Made smaller where it is larger; to draw one anew at its own size takes as long. */
    private static function within(ImageInterface $image, int $width, ?int $height): ImageInterface
    {
        $larger = $image->width() > $width || ($height !== null && $image->height() > $height);

        return $larger ? $image->scaleDown($width, $height) : $image;
    }

    /** @throws Refusal */
    private function read(string $bytes): ImageInterface
    {
        try {
            return (new ImageManager(new Driver()))->read($bytes);
        } catch (RuntimeException) {
            throw new Refusal('This picture is damaged and can’t be opened. Save it again and retry.');
        }
    }

    private static function disk(): Filesystem
    {
        return Storage::disk((string) config('filesystems.media'));
    }

    /** A logo's square sign. */
    public static function icon(string $path): string
    {
        return self::original($path.'-icon.png');
    }

    public static function original(string $path): string
    {
        return Storage::disk((string) config('filesystems.media'))->url($path);
    }

    public static function url(string $path, int $width, string $ending = 'webp'): string
    {
        $size = self::width($path, $width);

        return Storage::disk((string) config('filesystems.media'))->url(
            $path.'-'.($ending === 'jpg' ? self::PLAIN : $size).'.'.$ending,
        );
    }

    /** For <img srcset>. */
    public static function srcset(string $path): string
    {
        return implode(
            ', ',
            array_map(static fn (int $w): string => self::url($path, $w).' '.$w.'w', self::widths($path)),
        );
    }

    /** The least width a picture was made in that is enough, or the greatest there is. */
    public static function width(string $path, int $wanted): int
    {
        $enough = array_filter(self::widths($path), static fn (int $w): bool => $w >= $wanted);

        return $enough === [] ? max(self::WIDTHS) : min($enough);
    }

    /** @return non-empty-list<int> the widths a picture was made in, ascending */
    public static function widths(string $path): array
    {
        return str_ends_with($path, self::FINE) ? self::WIDTHS : self::COARSE;
    }
}
