<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Left\Remind;
use WindowStall\Counter\Order;
use WindowStall\Stall\OneStall;

/** Reminds of baskets that were left at the checkout, where their shoppers agreed to mail. */
final class SendReminders implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 200;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(Remind $remind): void
    {
        OneStall::each('reminders_due', [now(), self::AT_ONCE], static function (int $number) use ($remind): void {
            $order = Order::query()->with(['stall', 'lines'])->find($number);
            if ($order !== null) {
                $remind($order);
            }
        });
    }
}
