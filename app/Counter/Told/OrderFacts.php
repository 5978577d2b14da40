<?php

declare(strict_types=1);

namespace WindowStall\Counter\Told;

use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Support\Views\MoneyView;

/** What is known of an order, by the names that a seller's words may have in braces. In the language of its stall's reader. */
final class OrderFacts
{
    public const NAMES = ['name', 'number', 'shop', 'total', 'goods', 'days', 'carrier', 'tracking', 'day', 'back', 'page'];

    /** What each is, as the seller reads it. */
    public const MEANS = [
        'name' => 'the shopper’s name',
        'number' => 'the order’s number',
        'shop' => 'your shop’s name',
        'total' => 'what was paid',
        'goods' => 'what it is about',
        'days' => 'when it was promised for',
        'carrier' => 'who brings the parcel',
        'tracking' => 'the parcel’s number there',
        'day' => 'by when a late one should be there',
        'back' => 'what goes back',
        'page' => 'the order’s page',
    ];

    /**
     * @param  Order  $order  with its lines
     * @param  string|null  $by  the day by which a late parcel should be there
     * @return array<string, string> "" for what isn't known
     */
    public static function of(Stall $stall, Order $order, ?Parcel $parcel = null, ?Refund $refund = null, ?string $by = null): array
    {
        $lines = $parcel === null ? $order->lines : $parcel->linesOf($order);
        $promises = $order->promises($lines, $stall);

        return [
            'name' => $order->name,
            'number' => (string) $order->number,
            'shop' => $stall->name,
            'total' => MoneyView::text($order->money($order->total_minor)),
            'goods' => Spoken::all(array_values($lines->map(static fn (OrderLine $line): string => sprintf(
                '%d × %s',
                $parcel->pieces[$line->id] ?? $line->quantity,
                $line->nameIn($stall),
            ))->all())),
            'days' => count($promises) === 1 ? $promises[0]['dates'] : '',
            'carrier' => (string) $parcel?->carrier,
            'tracking' => (string) $parcel?->tracking,
            'day' => (string) $by,
            'back' => $refund === null ? '' : MoneyView::text($order->money($refund->total_minor)),
            'page' => $stall->shopAddress('/orders/'.$order->token),
        ];
    }
}
