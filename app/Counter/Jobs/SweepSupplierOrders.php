<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Order;
use WindowStall\Counter\Reservations;
use WindowStall\Source\Jobs\AskAccount;
use WindowStall\Stall\OneStall;

/**
 * Looks after what got stuck: payments whose answer was lost, orders not sent, news that never came. It asks nobody
 * outside: for each of them it sets one job, in the stall it belongs to.
 */
final class SweepSupplierOrders implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** How long news may be silent before somebody is asked; seconds. */
    public const SILENCE = 20;

    private const BATCH = 200;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    /** One at once and one half a minute later are two. */
    public function uniqueId(): string
    {
        return is_int($this->delay) ? (string) $this->delay : '';
    }

    public function handle(): void
    {
        $silent = now()->subSeconds(self::SILENCE);
        OneStall::each('reservations_over', [now(), self::BATCH], $this->end(...));
        OneStall::each('orders_to_settle', [$silent, self::BATCH], $this->settle(...));
        OneStall::each(
            'supplier_orders_to_send',
            [now(), now()->subSeconds(10), self::BATCH],
            static fn (int $id) => SendSupplierOrder::dispatch($id),
        );
        OneStall::each(
            'supplier_orders_to_ask',
            [$silent, self::BATCH],
            static fn (int $id) => AskSupplier::dispatch($id),
        );
        OneStall::each('order_mails_due', [now(), self::BATCH], static fn (int $id) => MailSupplierOrders::dispatch($id));
        OneStall::each(
            'order_answers_due',
            [now()->subMinutes(2), self::BATCH],
            static fn (int $id) => ReadSupplierMail::dispatch($id),
        );
        OneStall::each('supplier_accounts_due', [now(), self::BATCH], static fn (int $id) => AskAccount::dispatch($id));
        OneStall::each('supplier_requests_due', [now(), self::BATCH], static fn (int $id) => CarryRequest::dispatch($id));
        OneStall::each('parcels_to_follow', [now(), self::BATCH], static fn (int $id) => FollowParcel::dispatch($id));
        OneStall::each('refunds_to_give', [now(), self::BATCH], static fn (int $id) => GiveMoneyBack::dispatch($id));
    }

    private function end(int $id): void
    {
        $order = Order::query()->with('stall')->find($id);
        if ($order !== null) {
            app(Reservations::class)->end($order);
        }
    }

    /** Those asked after longest ago come first: each is noted as asked now. */
    private function settle(int $id): void
    {
        $order = Order::query()->find($id);
        $order?->touch();
        SettlePayment::dispatch($id);
    }
}
