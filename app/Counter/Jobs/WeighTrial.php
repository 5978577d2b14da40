<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Core\Trying\SequentialTest;
use WindowStall\Core\Trying\Verdict;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\Trying\TrialOrdersHere;
use WindowStall\Counter\Trying\TriedOrder;
use WindowStall\Stall\Stall;
use WindowStall\Window\Trying\Trial;

/** Reckons what orders of a trial keep, and ends it once there is an answer. */
final class WeighTrial implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $stallId)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->stallId;
    }

    public function handle(TrialOrdersHere $orders): void
    {
        $stall = Stall::query()->find($this->stallId);
        $trial = $stall === null ? null : Trial::now($stall);
        if ($stall === null || $trial === null || ! $trial->runs()) {
            return;
        }
        $paid = Order::of($stall)
            ->with('supplierOrders')
            ->whereNotNull('paid_at')
            ->whereIn('id', TriedOrder::query()->select('order_id')->where('trial_id', $trial->id)->whereNull('paid_at'))
            ->get();
        foreach ($paid as $order) {
            TriedOrder::query()->whereKey($order->id)->update([
                'paid_at' => $order->paid_at,
                'keep_minor' => OrderFigures::till($order)->keep->minor,
            ]);
        }
        $verdict = SequentialTest::of(array_column($orders->of($trial), 'second'))->verdict;
        if ($verdict !== Verdict::Open) {
            $trial->answer($stall, $verdict);
        }
    }
}
