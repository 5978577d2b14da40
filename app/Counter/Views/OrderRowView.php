<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Views\MoneyView;

/** One order in the list of the counter. */
final readonly class OrderRowView
{
    /** @param  MoneyView|null  $keep  what it kept, refunds and all; null where it wasn't paid or all went back */
    public function __construct(
        public int $id,
        public int $number,
        public string $when,
        public string $shopper,
        public string $goods,
        public ?string $picture,
        public MoneyView $total,
        public ?MoneyView $back,
        public ?MoneyView $keep,
        public bool $costConfirmed,
        public string $stateWords,
        public bool $trouble,
    ) {
    }

    /** @param  Order  $order  with its lines, supplier orders, refunds and parcels */
    public static function of(Stall $stall, Order $order): self
    {
        $settled = in_array($order->state, [OrderState::Paid, OrderState::Refunding, OrderState::Refunded], true);
        $back = $order->back()->minor;
        $first = $order->lines->first();
        $refused = self::isRefused($order);

        return new self(
            id: $order->id,
            number: $order->number,
            when: Clock::of($stall)->near($order->created_at),
            shopper: $order->name.', '.$order->town,
            goods: $order->lines->map(fn (OrderLine $l): string => $l->quantity.' × '.$l->name())->implode('; '),
            picture: $first?->picture === null ? null : PictureSizes::url($first->picture, 80),
            total: MoneyView::of($order->money($order->total_minor)),
            back: $back === 0 ? null : MoneyView::of($order->money(-$back)),
            keep: $settled ? MoneyView::of(OrderFigures::result($order)->kept) : null,
            costConfirmed: OrderFigures::confirmed($order),
            stateWords: self::stands($order, $refused),
            trouble: $refused || $order->disputed_at !== null || $order->held_at !== null ||
                $order->supplierOrders->contains(fn (SupplierOrder $s): bool => $s->trouble !== null),
        );
    }

    private static function isRefused(Order $order): bool
    {
        return $order->state === OrderState::Paid && $order->supplierOrders->contains(
            static fn (SupplierOrder $row): bool => $row->state === SupplierOrderState::Refused
                && $order->lines->contains(static fn (OrderLine $l): bool => $l->supplier_order_id === $row->id && $l->toSend() > 0),
        );
    }

    private static function stands(Order $order, bool $refused): string
    {
        $parcels = $order->parcels;
        $there = $parcels->filter(static fn (Parcel $parcel): bool => $parcel->there_at !== null)->count();
        $waiting = $order->supplierOrders
            ->filter(static fn (SupplierOrder $row): bool => ! in_array($row->state, [
                SupplierOrderState::Posted,
                SupplierOrderState::Withdrawn,
            ], true))
            ->sortBy(static fn (SupplierOrder $row): int => (int) array_search($row->state, SupplierOrderState::cases(), true))
            ->first();

        return match (true) {
            $order->disputed_at !== null => 'its payment is disputed',
            $order->pending_since !== null && $order->state === OrderState::AwaitingPayment => 'the bank sends the money',
            $order->state !== OrderState::Paid => $order->state->words(),
            $order->held_at !== null => 'held until you have looked',
            $refused => 'refused by the supplier',
            $waiting !== null => $waiting->state->words(),
            $parcels->isEmpty() => 'paid',
            $there === $parcels->count() => 'there',
            default => $there === 0 ? 'posted' : sprintf('%d of %d parcels there', $there, $parcels->count()),
        };
    }
}
