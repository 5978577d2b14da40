<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\RefundOrder;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One order whole: what was bought, where each supplier stands, and what it earned. */
final readonly class OrderView
{
    /**
     * @param  list<OrderLineView>  $lines
     * @param  list<SupplierOrderView>  $supplierOrders
     * @param  list<string>  $address
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $state,
        public string $stateWords,
        public string $when,
        public string $email,
        public array $address,
        public array $lines,
        public MoneyView $goods,
        public MoneyView $delivery,
        public MoneyView $tax,
        public MoneyView $total,
        public array $supplierOrders,
        public ?SaleView $sale,
        public bool $costConfirmed,
        public ?string $trouble,
        public string $statusUrl,
        public bool $canRefund,
    ) {
    }

    public static function of(Stall $stall, Order $order): self
    {
        return new self(
            $order->id,
            $order->number,
            $order->state->value,
            $order->state->words(),
            $order->created_at->format('j F Y, H:i'),
            $order->email,
            [
                $order->name,
                $order->street,
                $order->town.' '.$order->postcode,
                \Symfony\Component\Intl\Countries::getName($order->country, 'en'),
            ],
            array_values($order->lines->map(fn (OrderLine $l): OrderLineView => OrderLineView::of($order, $l))->all()),
            MoneyView::of($order->money($order->goods_minor)),
            MoneyView::of($order->money($order->delivery_minor)),
            MoneyView::of($order->money($order->tax_minor)),
            MoneyView::of($order->money($order->total_minor)),
            array_values(
                $order->supplierOrders
                    ->map(fn (SupplierOrder $s): SupplierOrderView => SupplierOrderView::of($order, $s))
                    ->all(),
            ),
            $order->state === OrderState::Paid
                ? SaleView::of('Order '.$order->number, OrderFigures::till($order))
                : null,
            OrderFigures::confirmed($order),
            $order->payment_trouble,
            $stall->shopAddress('/orders/'.$order->token),
            RefundOrder::possible($order),
        );
    }
}
