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

    private static function one(): string
    {
        $code = '';
        for ($n = 0; $n < self::LENGTH; $n++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }
}
