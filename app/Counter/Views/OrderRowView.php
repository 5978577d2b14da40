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
            id: $order->id,
            number: $order->number,
            when: $order->created_at->diffForHumans(),
            shopper: $order->name.', '.$order->town,
            goods: $order->lines->map(fn (OrderLine $l): string => $l->quantity.' × '.$l->name())->implode('; '),
            picture: $first?->picture === null ? null : PictureSizes::url($first->picture, 80),
            total: MoneyView::of($order->money($order->total_minor)),
            keep: MoneyView::ofNullable($till?->keep),
            margin: Percent::whole($till?->marginBp),
            loses: $till?->losesMoney() ?? false,
            costConfirmed: OrderFigures::confirmed($order),
            stateWords: self::stands($order, $paid ? ($refused ?? $supplier)?->state->words() ?? 'paid' : null),
            trouble: $refused !== null || $order->disputed_at !== null ||
                $order->supplierOrders->contains(fn (SupplierOrder $s): bool => $s->trouble !== null),
        );
    }

    /** @param  string|null  $underWay  how it stands at its suppliers, once it is paid */
    private static function stands(Order $order, ?string $underWay): string
    {
        return match (true) {
            $order->disputed_at !== null => 'its payment is disputed',
            $order->state === OrderState::AwaitingPayment && $order->pending_since !== null => 'the bank sends the money',
            default => $underWay ?? $order->state->words(),
        };
    }
}
