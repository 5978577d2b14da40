<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Bench\Picture;
use WindowStall\Stall\Stall;

/** One of the stall's own pictures. */
final readonly class OwnPictureView
{
    public function __construct(public int $id, public string $url, public string $alt, public int $width, public int $height)
    {
    }

    /** @return list<self> newest first */
    public static function all(Stall $stall): array
    {
        $ready = $stall->pictures()->whereNull('listing_id')->where('state', Picture::READY)->orderByDesc('id')->limit(200)->get();

        return array_values($ready->map(self::of(...))->all());
    }

    public static function of(Picture $picture): self
    {
        return new self(
            id: $picture->id,
            url: (string) $picture->url(320),
            alt: (string) $picture->alt,
            width: (int) $picture->width,
            height: (int) $picture->height,
        );
    }
}
