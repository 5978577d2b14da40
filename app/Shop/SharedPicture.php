<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;

/** The picture that goes along when somebody shares a page, at the shop's own address. */
final class SharedPicture
{
    /** Where the one composed for a page is asked for. */
    public static function composed(Stall $stall, string $page): string
    {
        return $stall->shopAddress('/shared'.$page.'.jpg');
    }

    /** @return string "" where there is none */
    public static function of(Stall $stall, ?Picture $picture): string
    {
        $url = $picture?->path === null ? '' : PictureSizes::url($picture->path, max(PictureSizes::WIDTHS));

        return self::whole($stall, $url);
    }

    /** An address with the shop's own host, where it has none. */
    public static function whole(Stall $stall, string $url): string
    {
        return str_starts_with($url, '/') ? $stall->shopAddress($url) : $url;
    }
}
