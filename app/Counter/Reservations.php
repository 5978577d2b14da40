<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Source\SupplierVariant;

/**
 * Pieces taken aside for an order that is being paid, so that nobody else buys them meanwhile. They count as promised;
 * a reservation has an end, after which the sweep puts them back and they can be sold again. A payment that comes after
 * that takes them aside anew, if they are still there.
 *
 * Locks: the order, then the variants in the order of their numbers.
 */
final class Reservations
{
    /** How long pieces are kept aside; minutes. */
    private const MINUTES = 10;

    /** The same while a bank has a transfer in hand. */
    public const WHILE_PENDING = 5 * 24 * 60;

    /**
     * Takes the pieces of an order aside, or keeps them for longer.
     *
     * @param  Order  $order  with its lines
     * @param  bool  $whateverIsLeft  for an order whose money is taken already
     * @param  int  $minutes  how long they are kept aside
     *
     * @throws SoldOut naming the first line that can't be had; then nothing is taken aside
     */
    public function make(Order $order, bool $whateverIsLeft = false, int $minutes = self::MINUTES): void
    {
        if ($order->isRehearsed()) {
            $this->look($order, now()->addMinutes($minutes));

            return;
        }
        DB::transaction(function () use ($order, $whateverIsLeft, $minutes): void {
            $until = now()->addMinutes($minutes);
            $locked = Order::query()
                ->whereKey($order->id)
                ->where('state', OrderState::AwaitingPayment)
                ->lockForUpdate()
                ->first();
            if ($locked === null || $locked->reserved_until !== null) {
                $locked?->update(['reserved_until' => $until]);

                return;
            }
            foreach ($this->pieces($order) as $variant => $quantity) {
                $this->promise($order, $variant, $quantity, $whateverIsLeft);
            }
            TellShelves::of($order);

            $locked->update(['reserved_until' => $until]);
        }, attempts: 3);
    }

    /** A rehearsal takes nothing from anybody: whether the pieces could be had is all that is looked at. */
    private function look(Order $order, Carbon $until): void
    {
        foreach ($this->pieces($order) as $variant => $quantity) {
            if (SupplierVariant::query()->whereKey($variant)->where('available', '>=', $quantity)->doesntExist()) {
                throw SoldOut::line($order->lines->firstOrFail('supplier_variant_id', $variant));
            }
        }
        $order->update(['reserved_until' => $until]);
    }

    /** Puts the pieces back, if they are taken aside. */
    public function release(Order $order): void
    {
        $this->putBackThose($order, static fn ($q) => $q);
    }

    /**
     * Puts the pieces back of an order whose time is over, unless somebody is settling it now.
     *
     * @return bool whether they were put back
     */
    public function end(Order $order): bool
    {
        return $this->putBackThose($order, static fn ($q) => $q
            ->where('reserved_until', '<', now())
            ->where(static fn ($q) => $q->whereNull('settling_until')->orWhere('settling_until', '<', now())));
    }

    /** @param  callable(Builder<Order>): Builder<Order>  $those  which orders it is done for */
    private function putBackThose(Order $order, callable $those): bool
    {
        if ($order->isRehearsed()) {
            return false;
        }

        return DB::transaction(function () use ($order, $those): bool {
            $locked = $those(Order::query()
                ->whereKey($order->id)
                ->where('state', OrderState::AwaitingPayment)
                ->whereNotNull('reserved_until'))
                ->lockForUpdate()
                ->first();
            if ($locked === null) {
                return false;
            }
            $this->putBack($this->pieces($order->loadMissing('lines')));
            $locked->update(['reserved_until' => null]);
            TellShelves::of($order);

            return true;
        }, attempts: 3);
    }

    /** @param  array<int, int>  $pieces  variant → how many; in the order of their numbers */
    public function putBack(array $pieces): void
    {
        foreach ($pieces as $variant => $quantity) {
            SupplierVariant::query()
                ->whereKey($variant)
                ->update(['promised' => DB::raw('greatest(promised - '.$quantity.', 0)')]);
        }
    }

    /** @return bool whether there were so many pieces of a variant to promise, or whether that didn’t matter */
    public static function take(int $variant, int $pieces, bool $whateverIsLeft = false): bool
    {
        return SupplierVariant::query()
            ->whereKey($variant)
            ->when(! $whateverIsLeft, static fn ($q) => $q->where('available', '>=', $pieces))
            ->update(['promised' => DB::raw('promised + '.$pieces)]) === 1;
    }

    private function promise(Order $order, int $variant, int $quantity, bool $whateverIsLeft): void
    {
        if (! self::take($variant, $quantity, $whateverIsLeft) && ! $whateverIsLeft) {
            throw SoldOut::line($order->lines->firstOrFail('supplier_variant_id', $variant));
        }
    }

    /** @return array<int, int> variant → pieces, in the order of the variants' numbers */
    private function pieces(Order $order): array
    {
        $pieces = [];
        foreach ($order->lines as $line) {
            $pieces[$line->supplier_variant_id] = ($pieces[$line->supplier_variant_id] ?? 0) + $line->quantity;
        }
        ksort($pieces);

        return $pieces;
    }
}
