<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** One order in the list of the counter. */
final readonly class OrderRowView
{
    public function __construct(
        public int $id,
        public int $number,
        public string $when,
        public string $shopper,
        public string $goods,
        public ?string $picture,
        public MoneyView $total,
        public ?MoneyView $keep,
        public string $margin,
        public bool $loses,
        public bool $costConfirmed,
        public string $stateWords,
        public bool $trouble,
    ) {
    }

    public static function of(Order $order): self
    {
        $paid = $order->state === OrderState::Paid;
        $till = $paid ? OrderFigures::till($order) : null;
        $first = $order->lines->first();
        $supplier = $order->supplierOrders
            ->sortBy(
                fn (SupplierOrder $s): int => array_search(
                    $s->state,
                    \WindowStall\Core\Dispatch\SupplierOrderState::cases(),
                    true,
                ) ?:
                0,
            )
            ->first();
        $refused = $order->supplierOrders->first(fn (SupplierOrder $s): bool => $s->refusal !== null);

        return new self(
            $order->id,
            $order->number,
            $order->created_at->diffForHumans(),
            $order->name.', '.$order->town,
            $order->lines->map(fn (OrderLine $l): string => $l->quantity.' × '.$l->name())->implode('; '),
            $first?->picture === null ? null : PictureSizes::url($first->picture, 320),
            MoneyView::of($order->money($order->total_minor)),
            MoneyView::ofNullable($till?->keep),
            Percent::whole($till?->marginBp),
            $till?->losesMoney() ?? false,
            OrderFigures::confirmed($order),
            $paid ? ($refused ?? $supplier)?->state->words() ?? 'paid' : $order->state->words(),
            $refused !== null || $order->supplierOrders->contains(fn (SupplierOrder $s): bool => $s->trouble !== null),
        );
    }
}
