<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Order;
use WindowStall\Counter\TakePayment;

/** Finds out how an order's payment stands and finishes it: for a shopper who came back, or for the sweep. */
final class SettlePayment implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** After so long a payment that nobody approved is let go, so that no shopper's money stays set aside; hours. */
    private const PATIENCE = 24;

    public int $tries = 1;

    public int $timeout = 80;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue('payments');
    }

    public function uniqueId(): string
    {
        return (string) $this->orderId;
    }

    public function handle(TakePayment $take): void
    {
        $order = Order::query()->with('stall')->find($this->orderId);
        if ($order !== null) {
            $take($order, letGo: $order->created_at->isBefore(now()->subHours(self::PATIENCE)));
        }
    }
}
