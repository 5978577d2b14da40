<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Stall\OneStall;

/**
 * Looks after what got stuck: payments whose answer was lost, orders not sent, news that never came. It asks nobody outside: for
 * each of them it sets one job, in the stall it belongs to.
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

    public function handle(): void
    {
        $silent = now()->subSeconds(self::SILENCE);
        $this->each('SELECT stall, number FROM orders_to_settle(?, ?)', [$silent, self::BATCH], $this->settle(...));
        $this->each(
            'SELECT stall, number FROM supplier_orders_to_send(?, ?, ?)', [now(), now()->subSeconds(10), self::BATCH],
            static fn (int $id) => SendSupplierOrder::dispatch($id),
        );
        $this->each('SELECT stall, number FROM supplier_orders_to_ask(?, ?)', [$silent, self::BATCH], static fn (int $id) => AskSupplier::dispatch($id));
    }

    /** Those asked after longest ago come first: each is noted as asked now. */
    private function settle(int $id): void
    {
        $order = Order::query()->find($id);
        $order?->touch();
        $order?->state === OrderState::Refunding ? GiveMoneyBack::dispatch($id) : SettlePayment::dispatch($id);
    }

    /**
     * @param  list<mixed>  $with
     * @param  callable(int): mixed  $do  told the row's number, within its stall
     */
    private function each(string $rows, array $with, callable $do): void
    {
        foreach (DB::select($rows, $with) as $row) {
            OneStall::within((int) $row->stall, static fn () => $do((int) $row->number));
        }
    }
}
