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

    /** @param  bool  $letGo  what nobody approved yet isn't waited for any more */
    public function __construct(public readonly int $orderId, public readonly bool $letGo = false)
    {
        $this->onQueue('payments');
    }

    public function uniqueId(): string
    {
        return $this->orderId.($this->letGo ? ' let go' : '');
    }

    public function handle(TakePayment $take): void
    {
        $order = Order::query()->with('stall')->find($this->orderId);
        if ($order !== null) {
            $take($order, letGo: $this->letGo || $order->created_at->isBefore(now()->subHours(self::PATIENCE)));
        }
    }
}
