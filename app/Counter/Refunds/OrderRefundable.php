<?php

declare(strict_types=1);

namespace WindowStall\Counter\Refunds;

use WindowStall\Core\Dispatch\Refund\PaidLine;
use WindowStall\Core\Dispatch\Refund\Refundable;
use WindowStall\Core\Money\Shares;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;

/** What is left to give back of an order. */
final class OrderRefundable
{
    /** @param  Order  $order  with its lines and refunds */
    public static function of(Order $order): Refundable
    {
        $left = self::whole($order);
        foreach ($order->refunds as $refund) {
            $left = $left->less($refund->toFigures() ?? $left->give($left->everything()));
        }

        return $left;
    }

    private static function whole(Order $order): Refundable
    {
        $rates = array_column($order->reverse_charge ? [] : $order->taxes, null, 'rate');
        // One that was placed before there were several.
        $rates = $rates === [] && $order->tax_minor > 0
            ? [$order->tax_bp * 100 => ['asked' => $order->goods_minor + $order->delivery_minor, 'tax' => $order->tax_minor]]
            : array_map(static fn (array $one): array => ['asked' => $one['asked'], 'tax' => $one['tax']], $rates);
        // A business that owes the tax itself was asked for less than stands on the lines.
        $worth = [];
        foreach ($order->lines as $line) {
            $worth[$line->id] = max(0, $line->total($order)->minor - $line->discount_minor);
        }
        $asked = $worth === [] ? [] : Shares::of($order->goods_minor, $worth);

        return Refundable::of(
            array_values($order->lines->map(static fn (OrderLine $line): PaidLine => new PaidLine(
                $line->id,
                $line->quantity,
                $asked[$line->id] ?? 0,
                $line->tax_rate ?? (int) array_key_first($rates),
            ))->all()),
            $order->delivery_minor,
            $rates,
            $order->tax_on_top,
        );
    }
}
