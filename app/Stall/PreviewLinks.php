<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\URL;

/** Signed addresses at the shop's own host where the working copy is shown: same renderer, no session, an hour long. */
final class PreviewLinks
{
    /** The working copy as the galley's sheet. */
    public static function galley(Stall $stall): string
    {
        return URL::temporarySignedRoute('shop.preview.galley', self::until(), ['shop' => $stall->handle]);
    }

    /** A written page as the galley's sheet. */
    public static function page(Stall $stall, int $page): string
    {
        return URL::temporarySignedRoute('shop.preview.page', self::until(), [
            'shop' => $stall->handle,
            'page' => $page,
        ]);
    }

    /** A state that was kept. */
    public static function revision(Stall $stall, int $revision): string
    {
        return URL::temporarySignedRoute('shop.preview.revision', self::until(), [
            'shop' => $stall->handle,
            'revision' => $revision,
        ]);
    }

    /**
     * The working copy in another look.
     *
     * @param  array<string, mixed>  $look  every decision, as {@see \WindowStall\Core\Look\LookForm} writes them
     */
    public static function look(Stall $stall, array $look): string
    {
        $with = ['shop' => $stall->handle, 'look' => json_encode($look, JSON_THROW_ON_ERROR)];

        return URL::temporarySignedRoute('shop.preview.look', self::until(), $with);
    }

    public static function listing(Stall $stall, int $listing): string
    {
        return URL::temporarySignedRoute('shop.preview.listing', self::until(), [
            'shop' => $stall->handle,
            'listing' => $listing,
        ]);
    }

    /**
     * Something that a later area lays out.
     *
     * @param  string  $route  its name
     * @param  array<string, int>  $with
     */
    public static function to(Stall $stall, string $route, array $with): string
    {
        return URL::temporarySignedRoute($route, self::until(), ['shop' => $stall->handle] + $with);
    }

    private static function until(): \DateTimeInterface
    {
        // The end of the next hour, so that the address stays the same while one works and the picture doesn't flicker.
        return now()->addHour()->endOfHour();
    }

    /** Into the shop while it is closed to shoppers. */
    public static function enter(Stall $stall): string
    {
        return URL::temporarySignedRoute('shop.enter', now()->addMinutes(5), ['shop' => $stall->handle]);
    }
}
