<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use WindowStall\Support\Pictures\PictureSizes;

/** The picture that goes along when somebody shares the shop: its logo on its ground. */
final class ShareCard
{
    /** Pixels, as those who show such pictures ask for (1.91 to 1). */
    public const WIDTH = 1200;

    public const HEIGHT = 630;

    /** How much of the card the logo may take, in hundredths. */
    private const FILLED = 56;

    /** Where it lies or will lie, or null for a look with a wordmark. */
    public static function path(Look $look): ?string
    {
        $sign = HeadLogo::of($look);

        return $sign === null ? null : $sign->logo['path'].'-share-'.substr(self::ground($look, $sign), 1).'.jpg';
    }

    /** Makes it unless it is there. */
    public static function make(Look $look): void
    {
        $sign = HeadLogo::of($look);
        $path = self::path($look);
        if ($sign === null || $path === null || self::disk()->exists($path)) {
            return;
        }
        $images = new ImageManager(new Driver);
        $logo = $images->read((string) self::disk()->get($sign->logo['path'].'-'.max(PictureSizes::WIDTHS).'.webp'));
        $logo->scale(intdiv(self::WIDTH * self::FILLED, 100), intdiv(self::HEIGHT * self::FILLED, 100));
        $card = $images->create(self::WIDTH, self::HEIGHT)->fill(self::ground($look, $sign))->place($logo, 'center');
        self::disk()->put($path, (string) $card->toJpeg(88));
    }

    private static function ground(Look $look, HeadLogo $sign): string
    {
        return $look->tones()->get($sign->plate ?? $look->plan->build->head())->toHex();
    }

    private static function disk(): Filesystem
    {
        return Storage::disk((string) config('filesystems.media'));
    }
}
