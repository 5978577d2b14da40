<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\SalesTax;

/**
 * What an order earned, in the till strip's terms and the stall's currency: what it really cost at the suppliers, on the
 * terms of that day.
 */
final class OrderFigures
{
    /** @param  Order  $order with its supplier orders */
    public static function till(Order $order): Till
    {
        $rate = Rate::bp($order->tax_bp);

        return Till::ring(
            $order->worth($order->goods_minor),
            Landed::of(
                $order->homeMoney((int) $order->supplierOrders->sum('goods_minor')),
                $order->homeMoney((int) $order->supplierOrders->sum('delivery_minor')),
                $order->homeMoney($order->duty_minor),
                $order->homeMoney($order->handling_minor),
            ),
            new SaleTerms(
                ($order->tax_on_top ? SalesTax::onTop($rate) : SalesTax::included($rate))
                    ->known($order->worth($order->tax_minor)),
                $order->worth($order->delivery_minor),
                Rate::bp($order->fee_bp),
                $order->homeMoney($order->fee_fixed_minor),
                Rate::bp($order->platform_bp),
                Rate::bp($order->returns_bp),
                $order->homeMoney($order->advertising_minor),
            ),
        );
    }

    /** Whether every supplier has said what it charges. */
    public static function confirmed(Order $order): bool
    {
        return $order->supplierOrders->isNotEmpty() &&
            $order->supplierOrders->every(fn (SupplierOrder $s): bool => $s->cost_confirmed);
    }
}
