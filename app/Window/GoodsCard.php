<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use WindowStall\Support\Pictures\PictureSizes;

/** The picture that goes along when goods or a shelf are shared: up to three of their pictures in the shop's look. */
final readonly class GoodsCard
{
    public const MOST = 3;

    /** Pixels between pictures, and round them. */
    private const GAP = 30;

    /** The strip of the brand along the foot, in pixels. */
    private const STRIP = 24;

    /** What a logo may take above a row of pictures, in pixels. */
    private const LOGO = 110;

    /** @param  list<string>  $pictures  where they lie, as {@see PictureSizes} names them */
    public function __construct(private int $stall, private Look $look, private array $pictures)
    {
    }

    /** Where it lies or will lie. */
    public function path(): string
    {
        $of = [$this->look->tones()->get('ground')->toHex(), $this->look->tones()->get('fill')->toHex()];
        $of = [...$of, HeadLogo::of($this->look)->logo['path'] ?? '', ...$this->pictures];

        return $this->stall.'/shared/'.substr(hash('sha256', implode(' ', $of)), 0, 24).'.jpg';
    }

    public function made(): bool
    {
        return self::disk()->exists($this->path());
    }

    /** Makes it unless it is there. */
    public function make(): void
    {
        if ($this->pictures === [] || $this->made()) {
            return;
        }
        $images = new ImageManager(new Driver);
        $tone = fn (string $name): string => $this->look->tones()->get($name)->toHex();
        $card = $images->create(ShareCard::WIDTH, ShareCard::HEIGHT)->fill($tone('ground'));
        $card->drawRectangle(0, ShareCard::HEIGHT - self::STRIP, static function ($strip) use ($tone): void {
            $strip->size(ShareCard::WIDTH, self::STRIP);
            $strip->background($tone('fill'));
        });
        $top = $this->logo($images, $card);
        $room = ShareCard::HEIGHT - self::STRIP - $top - 2 * self::GAP;
        $count = count($this->pictures);
        $side = min($room, intdiv(ShareCard::WIDTH - ($count + 1) * self::GAP, $count));
        $left = intdiv(ShareCard::WIDTH - $count * $side - ($count - 1) * self::GAP, 2);
        foreach ($this->pictures as $n => $path) {
            $picture = $images->read((string) self::disk()->get($path.'-'.PictureSizes::width($path, $side).'.webp'));
            $card->place(
                $picture->cover($side, $side),
                'top-left',
                $left + $n * ($side + self::GAP),
                $top + self::GAP + intdiv($room - $side, 2),
            );
        }
        self::disk()->put($this->path(), (string) $card->toJpeg(88));
    }

    /** @return int the pixels it takes at the top */
    private function logo(ImageManager $images, ImageInterface $card): int
    {
        $sign = HeadLogo::of($this->look);
        // On a ground it can't be seen on, it stays away.
        if ($sign === null || $sign->plate !== null) {
            return 0;
        }
        $logo = $images->read((string) self::disk()->get($sign->logo['path'].'-'.max(PictureSizes::WIDTHS).'.webp'));
        $logo->scale(intdiv(ShareCard::WIDTH, 2), self::LOGO - self::GAP);
        $card->place($logo, 'top', 0, self::GAP);

        return self::LOGO;
    }

    private static function disk(): Filesystem
    {
        return Storage::disk((string) config('filesystems.media'));
    }
}
