<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Takes away all that rehearsals of a stall ordered; called while one rehearses, as nobody else sees any of it. */
final class ForgetRehearsed
{
    private const BASKETS = <<<'SQL'
        DELETE FROM baskets
        WHERE stall_id = :stall
          AND id IN (SELECT basket_id FROM orders WHERE stall_id = :stall AND id < 0)
        SQL;

    public static function of(Stall $stall): void
    {
        if (! OneStall::isRehearsing()) {
            throw new \LogicException('Only a rehearsal sees what it ordered.');
        }
        DB::transaction(static function () use ($stall): void {
            // Papers are kept whatever becomes of their order, but for these.
            DB::table('order_papers')->where('stall_id', $stall->id)->where('order_id', '<', 0)->delete();
            DB::delete(self::BASKETS, ['stall' => $stall->id]);
            DB::table('orders')->where('stall_id', $stall->id)->where('id', '<', 0)->delete();
        }, attempts: 3);
    }
}
