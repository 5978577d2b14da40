<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** Addresses that may be written to, with what their owners agreed to, where and when. */
final class SignUps
{
    /** Whoever is there already stays there as they agreed first. */
    public static function agree(Stall $stall, string $email, string $consent, string $source): void
    {
        DB::table('sign_ups')->insertOrIgnore([
            'stall_id' => $stall->id,
            'email' => mb_strtolower($email),
            'consent' => $consent,
            'source' => $source,
            'agreed_at' => Carbon::now(),
        ]);
    }
}
