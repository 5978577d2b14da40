<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;

/** Asks whether the payment of an order that was paid is disputed, after its service told something of it. */
final class NoteDispute implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    /** @var list<int> seconds */
    public array $backoff = [5, 30, 120, 600];

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue('payments');
    }

    public function uniqueId(): string
    {
        return (string) $this->orderId;
    }

    /** @throws PaymentTrouble so that it is asked again */
    public function handle(PaymentService $payment): void
    {
        $order = Order::query()->with('stall')->whereNotNull('payment_id')->find($this->orderId);
        if ($order !== null && $order->disputed_at === null && $payment->state($order)->disputed) {
            Order::query()->whereKey($order->id)->whereNull('disputed_at')->update(['disputed_at' => now()]);
        }
    }
}
