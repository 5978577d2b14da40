<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Pricing\SaleTerms;
use WindowStall\Core\Pricing\Till;
use WindowStall\Core\Tax\IncludedTax;

/** What an order earned, in the till strip's terms: what it really cost at the suppliers, on the terms of that day. */
final class OrderFigures
{
    /** @param  Order  $order with its supplier orders */
    public static function till(Order $order): Till
    {
        return Till::ring(
            $order->money($order->goods_minor), $order->money($order->delivery_minor),
            $order->money((int) $order->supplierOrders->sum('goods_minor')), $order->money((int) $order->supplierOrders->sum('delivery_minor')),
            new SaleTerms(new IncludedTax($order->tax_bp), $order->fee_bp, $order->money($order->fee_fixed_minor)),
        );
    }

    /** Whether every supplier has said what it charges. */
    public static function confirmed(Order $order): bool
    {
        return $order->supplierOrders->isNotEmpty() && $order->supplierOrders->every(fn (SupplierOrder $s): bool => $s->cost_confirmed);
    }
}
