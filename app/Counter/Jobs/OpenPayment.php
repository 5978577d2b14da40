<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;

/** Opens an order's payment where the payment service took too long to answer at the checkout. */
final class OpenPayment implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue('payments');
    }

    public function uniqueId(): string
    {
        return (string) $this->orderId;
    }

    public function handle(PaymentService $payment): void
    {
        $order = Order::query()->with('stall')->whereNull('pay_at')->find($this->orderId);
        if ($order?->stall === null) {
            return;
        }
        try {
            $payment->open($order, $order->stall);
        } catch (PaymentTrouble $trouble) {
            $order->update(['payment_trouble' => $trouble->trouble]);
        }
    }
}
