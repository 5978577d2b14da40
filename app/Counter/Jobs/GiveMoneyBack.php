<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Cards\OrderCards;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\WritePaper;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Tell;

/**
 * Asks the payment service to give a refund's money back. It gives it back once however often it is asked with the same key;
 * the sweep asks again.
 */
final class GiveMoneyBack implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Longest wait between tries; seconds. */
    private const MOST_WAIT = 3_600;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $refundId)
    {
        $this->onQueue('payments');
    }

    public function uniqueId(): string
    {
        return (string) $this->refundId;
    }

    public function handle(PaymentService $payment): void
    {
        $refund = Refund::query()->with('order.stall')->whereNull('done_at')->find($this->refundId);
        $order = $refund?->order;
        if ($refund === null || $order === null) {
            return;
        }
        try {
            $money = $refund->total_minor - $refund->card_minor;
            if ($money > 0) {
                $payment->refund($order, $refund->key, $money);
            }
        } catch (PaymentTrouble) {
            $refund->update([
                'tries' => $refund->tries + 1,
                'next_try_at' => now()->addSeconds(min(self::MOST_WAIT, 20 * 2 ** min($refund->tries, 8))),
            ]);
            Order::query()->whereKey($order->id)->update(['payment_trouble' => Trouble::RefundWaits]);

            return;
        }
        DB::transaction(fn () => $this->write($refund, $order), attempts: 3);
    }

    private function write(Refund $refund, Order $order): void
    {
        $locked = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
        $first = Refund::query()->whereKey($refund->id)->whereNull('done_at')->update(['done_at' => now()]) === 1;
        if (! $first) {
            return;
        }
        OrderCards::giveBack($order, $refund->card_minor);
        $waits = Refund::query()->where('order_id', $order->id)->whereNull('done_at')->exists();
        if (! $waits) {
            $all = $locked->state === OrderState::Refunding;
            $locked->update(['payment_trouble' => null] + ($all ? ['state' => OrderState::Refunded] : []));
        }
        $order->refresh();
        TellShopper::of($order, TellKind::Refunded, of: $refund->id);
        WritePaper::credit($order, $refund);
        if ($order->stall !== null) {
            Tell::of($order->stall, HookEvent::Refunded, [
                'number' => $order->number,
                'back' => $order->money($refund->total_minor)->digits(),
                'tax' => $order->money($refund->tax_minor)->digits(),
                'currency' => $order->currency,
                'whole' => $order->state === OrderState::Refunded,
            ]);
        }
    }
}
