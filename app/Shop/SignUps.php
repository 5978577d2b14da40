<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/** Addresses that may be written to, with what their owners agreed to, where and when. */
final class SignUps
{
    /** To be told once when the shop opens, whoever they are. */
    public static function tellOpening(Stall $stall, string $email): void
    {
        DB::table('sign_ups')
            ->where('stall_id', $stall->id)
            ->where('email', mb_strtolower($email))
            ->update(['opening_due' => true, 'language' => Speech::language()]);
    }

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

    /** Where whoever has that address can say that they want no more mail; nobody else can. */
    public static function stopAt(Stall $stall, string $email): string
    {
        $email = mb_strtolower($email);

        return '/no-more-mail?'.http_build_query(['to' => $email, 'by' => self::sign($stall, $email)]);
    }

    /** @return bool whether that was the address's own wish */
    public static function stop(Stall $stall, string $email, string $by): bool
    {
        $email = mb_strtolower($email);
        if (! hash_equals(self::sign($stall, $email), $by)) {
            return false;
        }
        DB::table('sign_ups')->where('stall_id', $stall->id)->where('email', $email)->delete();

        return true;
    }

    private static function sign(Stall $stall, string $email): string
    {
        return substr(hash_hmac('sha256', 'no more mail '.$stall->id.' '.$email, (string) config('app.key')), 0, 32);
    }
}
