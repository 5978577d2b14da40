<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\PaperKind;
use WindowStall\Counter\Papers\WritePaper;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;

/**
 * Asks the payment service to give an order's money back. It gives it back once however often it is asked; the sweep
 * asks again.
 */
final class GiveMoneyBack implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 300;

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
        $refunding = fn () => Order::query()->whereKey($this->orderId)->where('state', OrderState::Refunding);
        $order = $refunding()->with('stall')->first();
        if ($order === null) {
            return;
        }
        try {
            $payment->refund($order);
        } catch (PaymentTrouble) {
            $refunding()->update(['payment_trouble' => Trouble::RefundWaits]);

            return;
        }
        DB::transaction(static function () use ($refunding, $order): void {
            if ($refunding()->update(['state' => OrderState::Refunded, 'payment_trouble' => null]) === 1) {
                TellShopper::of($order, TellKind::Refunded);
                WritePaper::of($order, PaperKind::Credit);
            }
        });
    }
}
