<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Support\Pictures\PictureSizes;

/** An uploaded logo. */
final readonly class LogoView
{
    public function __construct(public string $path, public int $width, public int $height, public string $url)
    {
    }

    /** @param  array{path: string, width: int, height: int}|null  $logo */
    public static function of(?array $logo): ?self
    {
        return $logo === null ? null : new self(
            path: $logo['path'],
            width: $logo['width'],
            height: $logo['height'],
            url: PictureSizes::url($logo['path'], 280),
        );
    }
}
