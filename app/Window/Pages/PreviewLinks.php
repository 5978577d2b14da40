<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\URL;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;

/** Signed addresses at the shop's own host where the working copy is shown: same renderer, no session, an hour long. */
final class PreviewLinks
{
    public static function home(Stall $stall, int $version): string
    {
        return URL::temporarySignedRoute('shop.preview.home', self::until(), ['shop' => $stall->handle, 'version' => $version]);
    }

    public static function listing(Stall $stall, Listing $listing): string
    {
        return URL::temporarySignedRoute('shop.preview.listing', self::until(), ['shop' => $stall->handle, 'listing' => $listing->id]);
    }

    private static function until(): \DateTimeInterface
    {
        // The end of the next hour, so that the address stays the same while one works and the picture doesn't flicker.
        return now()->addHour()->endOfHour();
    }
}
