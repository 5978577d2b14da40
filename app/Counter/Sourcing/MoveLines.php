<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Sourcing\Portions;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Expecting;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Reservations;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\TellShelves;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Support\Refusal;

/**
 * Has lines of an order sent from elsewhere, or from the same supplier anew: what it refused, or doesn't have yet. They go out
 * as a supplier order of their own with a key of its own, so that nothing is sent twice: what a supplier has, or may have, isn't
 * moved.
 *
 * Locks: the order, its supplier orders, then the variants in the order of their numbers.
 */
final readonly class MoveLines
{
    public function __construct(private Reservations $reservations)
    {
    }

    /**
     * @param  array<int, array{variant: int, warehouse: string|null}>  $to  by line
     * @return list<int> the supplier orders that are sent now
     *
     * @throws Refusal
     */
    public function __invoke(Order $order, array $to): array
    {
        $sent = DB::transaction(fn (): array => $this->move($order, $to), attempts: 3);
        foreach ($sent as $id) {
            SendSupplierOrder::dispatch($id);
        }

        return $sent;
    }

    /**
     * @param  array<int, array{variant: int, warehouse: string|null}>  $to  by line
     * @return list<int>
     */
    private function move(Order $order, array $to): array
    {
        $fresh = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
        SupplierOrder::query()->where('order_id', $order->id)->orderBy('id')->lockForUpdate()->get();
        $fresh->load(['lines.supplierOrder.connection', 'stall', 'supplierOrders']);
        if ($fresh->state !== OrderState::Paid) {
            throw new Refusal('This order is '.$fresh->state->words().'; nothing of it is sent any more.');
        }
        $variants = SupplierVariant::query()->with('item.connection')->whereKey(array_column($to, 'variant'))->get()->keyBy('id');
        $lines = $fresh->lines->filter(static fn (OrderLine $line): bool => isset($to[$line->id]) && $line->toSend() > 0);
        $back = $taken = [];
        foreach ($lines as $line) {
            $this->refuseIfTheirs($line);
            $variant = $variants[$to[$line->id]['variant']] ?? throw new Refusal('That source isn’t there any more. Look again.');
            if ($line->supplierOrder?->state === SupplierOrderState::ToSend) {
                $back[$line->supplier_variant_id] = ($back[$line->supplier_variant_id] ?? 0) + $line->toSend();
            }
            $taken[$variant->id] = ($taken[$variant->id] ?? 0) + $line->toSend();
        }
        if ($lines->isEmpty()) {
            throw new Refusal('Nothing of that is left to be sent.');
        }
        ksort($back);
        ksort($taken);
        $this->reservations->putBack($back);
        $this->promise($taken);
        $sent = [];
        $bySupplier = $lines->groupBy(static fn (OrderLine $line): int => (int) $variants[$to[$line->id]['variant']]?->item?->connection_id);
        foreach ($bySupplier as $connection => $some) {
            $most = SupplierConnection::query()->whereKey($connection)->value('most_pieces');
            $pieces = $some->mapWithKeys(static fn (OrderLine $line): array => [$line->id => $line->toSend()])->all();
            $portions = Portions::of($pieces, is_int($most) ? $most : null);
            foreach ($portions as $portion) {
                $row = $most === null ? $this->row($fresh, $connection) : $this->newRow($fresh, $connection);
                $sent[] = $row->id;
                foreach ($portion as $line => $count) {
                    CutLine::into($some, [$line => $count])->firstOrFail()->update([
                        'supplier_variant_id' => $to[$line]['variant'],
                        'warehouse' => $to[$line]['warehouse'],
                        'supplier_order_id' => $row->id,
                    ]);
                }
            }
        }
        $this->reckon($fresh);
        TellShelves::of($fresh);

        return array_values(array_unique($sent));
    }

    private function refuseIfTheirs(OrderLine $line): void
    {
        $row = $line->supplierOrder;
        $name = (string) $row?->connection?->name;
        $free = [SupplierOrderState::ToSend, SupplierOrderState::Refused, SupplierOrderState::Withdrawn];
        if ($row !== null && ! in_array($row->state, $free, true)) {
            throw new Refusal(sprintf('%s has %s already. Ask there to cancel it first.', $name, $line->name()));
        }
        if ($row !== null && $row->state === SupplierOrderState::ToSend && ($row->unsure || $row->sending_until?->isFuture())) {
            throw new Refusal(sprintf('%s may have it: it is being sent, or was and no answer came. Look again in a minute.', $name));
        }
    }

    /** @param  array<int, int>  $pieces  by variant, in the order of their numbers */
    private function promise(array $pieces): void
    {
        foreach ($pieces as $variant => $count) {
            if (! Reservations::take($variant, $count)) {
                throw new Refusal('That source hasn’t enough of it any more. Look again.');
            }
        }
    }

    /** One that waits to be sent and nobody has in hand, or a new one. */
    private function row(Order $order, int $connection): SupplierOrder
    {
        $waiting = $order->supplierOrders->first(static fn (SupplierOrder $row): bool => $row->connection_id === $connection
            && $row->state === SupplierOrderState::ToSend
            && $row->tries === 0
            && ! $row->unsure
            && ! $row->sending_until?->isFuture());

        return $waiting ?? $this->newRow($order, $connection);
    }

    private function newRow(Order $order, int $connection): SupplierOrder
    {
        return $order->supplierOrders()->create([
            'connection_id' => $connection,
            'idempotency_key' => (string) Str::uuid(),
            'state' => SupplierOrderState::ToSend,
            'goods_minor' => 0,
            'delivery_minor' => 0,
            // What was expected of these lines stands where they were first.
            'expected_goods_minor' => 0,
            'expected_delivery_minor' => 0,
        ]);
    }

    /** What isn't confirmed yet costs what its lines are expected to; what has no lines any more, nothing. */
    private function reckon(Order $order): void
    {
        $order->load(['lines.supplierOrder', 'supplierOrders.connection']);
        foreach ($order->supplierOrders as $row) {
            /** @var Collection<int, OrderLine> $mine */
            $mine = $order->lines->where('supplier_order_id', $row->id)->values();
            if ($mine->isEmpty()) {
                $row->update(['goods_minor' => 0, 'delivery_minor' => 0, 'extras_minor' => 0, 'state' => match ($row->state) {
                    SupplierOrderState::ToSend, SupplierOrderState::Refused => SupplierOrderState::Withdrawn,
                    default => $row->state,
                }]);
            } elseif (! $row->cost_confirmed && $row->state === SupplierOrderState::ToSend) {
                $expected = Expecting::order((clone $order)->setRelation('lines', $mine))[$row->connection_id] ?? null;
                $row->update([
                    'extras_minor' => $order->stall === null ? 0 : (int) $row->connection?->extrasCost($order->stall)->minor,
                    'goods_minor' => $expected->goods->minor ?? 0,
                    'delivery_minor' => $expected->delivery->minor ?? 0,
                ]);
            }
        }
    }
}
