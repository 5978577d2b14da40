<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Counter\Order;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Stall\OneStall;

/** Asks buyers what they say of what they bought, once for an order, so long after all of it was there. */
final class AskForReviews implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 200;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(): void
    {
        OneStall::each('reviews_due', [now(), self::AT_ONCE], static function (int $number): void {
            DB::transaction(static function () use ($number): void {
                $order = Order::query()->lockForUpdate()->find($number);
                // Who was forgotten meanwhile isn't written to.
                if ($order !== null && $order->email !== '') {
                    TellShopper::of($order, TellKind::Said);
                }
            });
        });
    }
}
