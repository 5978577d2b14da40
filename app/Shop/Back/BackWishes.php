<?php

declare(strict_types=1);

namespace WindowStall\Shop\Back;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;

/** Who wants to be told when goods that have sold out can be bought again, with what they agreed to. */
final class BackWishes
{
    /** Wishes kept of one of the goods; beyond that somebody is playing. */
    private const MOST = 5_000;

    /** Whoever wishes it already goes on wishing it. */
    public static function keep(Stall $stall, Listing $listing, string $email, string $language, string $consent): void
    {
        if (DB::table('back_wishes')->where('listing_id', $listing->id)->count() >= self::MOST) {
            return;
        }
        DB::table('back_wishes')->insertOrIgnore([
            'stall_id' => $stall->id,
            'listing_id' => $listing->id,
            'email' => mb_strtolower($email),
            'language' => $language,
            'consent' => mb_substr($consent, 0, 300),
            'asked_at' => now(),
        ]);
    }
}
