<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Dispatch\Books\OrderResult;
use WindowStall\Core\Dispatch\ExpectedCosts;
use WindowStall\Core\Dispatch\Refund\RefundFigures;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\SalesTax;
use WindowStall\Source\SupplierConnection;

/**
 * What an order earned, in the till strip's terms and the stall's currency: what it really cost at the suppliers, on the
 * terms of that day.
 */
final class OrderFigures
{
    /** Days after which nothing is sent back any more. */
    private const MAY_COME_BACK = 60;

    /** @param  Order  $order with its supplier orders */
    public static function till(Order $order): Till
    {
        return self::ring(
            $order,
            (int) $order->supplierOrders->sum('goods_minor'),
            (int) $order->supplierOrders->sum('delivery_minor'),
            (int) $order->supplierOrders->sum('extras_minor'),
        );
    }

    /**
     * @param  int  $goods  what its suppliers take for them, minor units of the stall's currency
     * @param  int  $delivery  and for sending them
     * @param  int  $extras  and for what is laid in
     */
    private static function ring(Order $order, int $goods, int $delivery, int $extras): Till
    {
        $rate = Rate::bp($order->tax_bp);

        return Till::ring(
            $order->worth($order->goods_minor),
            Landed::of(
                $order->homeMoney($goods + $order->own_cost_minor),
                $order->homeMoney($delivery),
                $order->homeMoney($order->duty_minor),
                $order->homeMoney($order->handling_minor + $extras),
            ),
            new SaleTerms(
                ($order->tax_on_top ? SalesTax::onTop($rate) : SalesTax::included($rate))
                    ->known($order->worth($order->tax_minor)),
                $order->worth($order->delivery_minor),
                self::fee($order),
                $order->homeMoney($order->payable()->minor === 0 && $order->card_minor > 0 ? 0 : $order->fee_fixed_minor),
                Rate::bp($order->platform_bp),
                Rate::bp($order->returns_bp),
                $order->homeMoney($order->advertising_minor),
            ),
        );
    }

    /** The payment service has its share of what it took, not of what gift cards paid. */
    private static function fee(Order $order): Rate
    {
        $fee = Rate::bp($order->fee_bp);

        return $order->card_minor === 0 || $order->total_minor === 0
            ? $fee
            : new Rate(intdiv($fee->millionths * $order->payable()->minor, $order->total_minor));
    }

    /**
     * What an order really kept beside what was expected when it was paid.
     *
     * @param  Order  $order  with its supplier orders and refunds
     * @param  int  $moreGoods  by how much more or less its suppliers would take, minor units; what if
     * @param  int  $moreDelivery  likewise
     * @param  RefundFigures|null  $givenBack  what if that were given back besides
     */
    public static function result(
        Order $order,
        int $moreGoods = 0,
        int $moreDelivery = 0,
        ?RefundFigures $givenBack = null,
    ): OrderResult {
        $sum = static fn (string $column): int => (int) $order->supplierOrders->sum($column);
        $expected = static fn (string $what): int => (int) $order->supplierOrders->sum(
            static fn (SupplierOrder $row): int => $row->{'expected_'.$what.'_minor'} ?? $row->{$what.'_minor'},
        );
        $back = $order->back()->minor + ($givenBack->total ?? 0);
        $tax = (int) $order->refunds->sum('tax_minor') + ($givenBack->tax ?? 0);

        return new OrderResult(
            self::ring($order, $expected('goods'), $expected('delivery'), $expected('extras')),
            self::ring($order, $sum('goods_minor') + $moreGoods, $sum('delivery_minor') + $moreDelivery, $sum('extras_minor')),
            $order->worth($back),
            $order->worth($tax),
            $order->homeMoney((int) $order->refunds->sum('borne_minor')),
            $back > 0 || $order->paid_at?->isBefore(now()->subDays(self::MAY_COME_BACK)) === true,
        );
    }

    /**
     * What an order is expected to earn before its suppliers have it.
     *
     * @param  array<int, ExpectedCosts>  $expected  by supplier
     */
    public static function expected(Order $order, array $expected): Till
    {
        $sum = static fn (string $what): int => array_sum(array_map(
            static fn (ExpectedCosts $costs): int => $what === 'goods' ? $costs->goods->minor : $costs->delivery->minor,
            $expected,
        ));

        return self::ring($order, $sum('goods'), $sum('delivery'), self::laidIn($order, array_keys($expected)));
    }

    /**
     * What its suppliers take for what they lay in, an order each.
     *
     * @param  list<int>  $connections
     */
    private static function laidIn(Order $order, array $connections): int
    {
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');

        return (int) SupplierConnection::query()
            ->whereKey($connections)
            ->whereRaw("extras::text <> '[]'")
            ->get()
            ->sum(static fn (SupplierConnection $one): int => $one->extrasCost($stall)->minor);
    }

    /** Whether every supplier has said what it charges. */
    public static function confirmed(Order $order): bool
    {
        return $order->supplierOrders->isNotEmpty() &&
            $order->supplierOrders->every(fn (SupplierOrder $s): bool => $s->cost_confirmed);
    }
}
