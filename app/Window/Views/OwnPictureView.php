<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Window\PicturesUsed;

/** One of the stall's own pictures. */
final readonly class OwnPictureView
{
    /**
     * @param  string|null  $whole  the address of all of it, from which it can be cut anew
     * @param  int  $x  what stays in view, in hundredths from the left of the whole
     * @param  int  $y  from its top
     * @param  list<string>  $used  sections it stands in
     */
    public function __construct(
        public int $id,
        public string $url,
        public ?string $whole,
        public string $alt,
        public int $width,
        public int $height,
        public int $x,
        public int $y,
        public int $zoom,
        public string $cut,
        public array $used,
    ) {
    }

    /** @return list<self> newest first */
    public static function all(Stall $stall): array
    {
        $ready = Picture::of($stall)->own()->orderByDesc('id')->limit(200)->get();
        $used = $ready->isEmpty() ? [] : PicturesUsed::of($stall);

        return array_values($ready->map(static fn (Picture $p): self => self::of($p, $used[$p->id] ?? []))->all());
    }

    /** @param  list<string>  $used */
    public static function of(Picture $picture, array $used): self
    {
        return new self(
            id: $picture->id,
            url: (string) $picture->url(280),
            whole: $picture->original === null ? null : PictureSizes::original($picture->original),
            alt: (string) $picture->alt,
            width: (int) $picture->width,
            height: (int) $picture->height,
            x: $picture->focal_x,
            y: $picture->focal_y,
            zoom: $picture->zoom,
            cut: $picture->cut->value,
            used: $used,
        );
    }
}
