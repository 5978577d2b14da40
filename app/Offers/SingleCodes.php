<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Many codes for one use each, made at once. */
final class SingleCodes
{
    /** In all of one offer. */
    public const MOST = 20_000;

    /** Letters and figures that aren't taken for one another. */
    private const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LENGTH = 10;

    /** A code may be there already; whoever was given one is refused each time. */
    private const TRIES = 3;

    /** @throws Refusal when these would be too many */
    public static function make(Stall $stall, Code $code, int $count): int
    {
        if (! $code->singles) {
            throw new Refusal('This offer isn’t one with codes for one use each.');
        }

        return DB::transaction(static function () use ($stall, $code, $count): int {
            Code::query()->whereKey($code->id)->lockForUpdate()->first();
            $there = DB::table('single_codes')->where('code_id', $code->id)->count();
            if ($there + $count > self::MOST) {
                throw new Refusal(sprintf(
                    'There are %s codes already; %s is the most.',
                    number_format($there),
                    number_format(self::MOST),
                ));
            }
            $made = 0;
            while ($made < $count) {
                $rows = [];
                for ($n = 0; $n < min(1_000, $count - $made); $n++) {
                    $rows[] = ['stall_id' => $stall->id, 'code' => self::one(), 'code_id' => $code->id];
                }
                $made += DB::table('single_codes')->insertOrIgnore($rows);
            }

            return $made;
        });
    }

    /**
     * The code of whoever signs up, of the offer that is for them; null where there is none that runs, or they were given one
     * before.
     */
    public static function give(Stall $stall, string $email): ?string
    {
        $offer = Code::of($stall)->where('for_sign_ups', true)->first();
        if ($offer === null || ! $offer->runsAt(now())) {
            return null;
        }
        $to = hash_hmac('sha256', 'sign-up code '.$stall->id.' '.mb_strtolower($email), (string) config('app.key'));
        for ($try = 0; $try < self::TRIES; $try++) {
            $code = self::one();
            $given = DB::table('single_codes')->insertOrIgnore([
                'stall_id' => $stall->id, 'code' => $code, 'code_id' => $offer->id, 'given_to' => $to,
            ]);
            if ($given === 1) {
                return $code;
            }
        }

        return null;
    }

    private static function one(): string
    {
        $code = '';
        for ($n = 0; $n < self::LENGTH; $n++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }
}
