<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Hands out a stall's order numbers, without gaps: to one shopper at a time, until what they do is committed. */
final class OrderNumbers
{
    /** Writes the row even where it stands already: so nobody else has it from here on. */
    private const NEXT = <<<'SQL'
        INSERT INTO order_numbers AS numbers (stall_id)
        VALUES (?)
        ON CONFLICT (stall_id) DO UPDATE SET next = numbers.next
        RETURNING next
        SQL;

    private const TAKE = <<<'SQL'
        UPDATE order_numbers
        SET next = next + 1
        WHERE stall_id = ?
        SQL;

    /** What a rehearsal orders has its number by itself, below nought ({@see OneStall::isRehearsing}). */
    public static function rehearsed(): int
    {
        return (int) DB::scalar("SELECT nextval('rehearsed_orders')");
    }

    /** The number of the next order. Others who place one here wait. */
    public static function next(Stall $stall): int
    {
        return (int) DB::scalar(self::NEXT, [$stall->id]);
    }

    /** The next order has another number. */
    public static function take(Stall $stall): void
    {
        DB::update(self::TAKE, [$stall->id]);
    }
}
