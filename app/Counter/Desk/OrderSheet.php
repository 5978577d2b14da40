<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Builder;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Support\Cell;

/** Orders as a file, written as they are read: CSV with a row for each line, JSON with an object for each order. */
final class OrderSheet
{
    private const AT_ONCE = 500;

    private const COLUMNS = [
        'order', 'paid_at', 'state', 'name', 'email', 'town', 'postcode', 'country', 'sku', 'goods', 'pieces', 'line_total', 'supplier',
        'tracking', 'order_total', 'back', 'currency', 'kept', 'kept_currency',
    ];

    /** @param  Builder<Order>  $orders */
    public static function csv(Builder $orders): void
    {
        $out = fopen('php://output', 'wb') ?: throw new \RuntimeException('Nothing can be written.');
        fputcsv($out, self::COLUMNS, escape: '', eol: "\r\n");
        foreach ($orders->lazyByIdDesc(self::AT_ONCE) as $order) {
            $row = self::row($order);
            foreach ($order->lines as $line) {
                $cells = array_merge($row, self::line($order, $line));
                $sorted = array_map(static fn (string $column): string => (string) ($cells[$column] ?? ''), self::COLUMNS);
                fputcsv($out, array_map(Cell::safe(...), $sorted), escape: '', eol: "\r\n");
            }
        }
        fclose($out);
    }

    /** @param  Builder<Order>  $orders */
    public static function json(Builder $orders): void
    {
        $between = '[';
        foreach ($orders->lazyByIdDesc(self::AT_ONCE) as $order) {
            $lines = array_values($order->lines->map(static fn (OrderLine $l): array => self::line($order, $l))->all());
            echo $between, json_encode(self::row($order) + ['lines' => $lines], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $between = ",\n";
        }
        echo $between === '[' ? '[]' : ']', "\n";
    }

    /** @return array<string, string|int> */
    private static function row(Order $order): array
    {
        return [
            'order' => $order->number,
            'paid_at' => (string) $order->paid_at?->toIso8601ZuluString(),
            'state' => $order->state->value,
            'name' => $order->name,
            'email' => $order->email,
            'town' => $order->town,
            'postcode' => $order->postcode,
            'country' => $order->country,
            'order_total' => $order->money($order->total_minor)->digits(),
            'back' => $order->back()->digits(),
            'currency' => $order->currency,
            'kept' => OrderFigures::result($order)->kept->digits(),
            'kept_currency' => $order->home_currency,
        ];
    }

    /** @return array<string, string|int> */
    private static function line(Order $order, OrderLine $line): array
    {
        $supplier = $order->supplierOrders->firstWhere('id', $line->supplier_order_id);

        return [
            'sku' => (string) $line->supplierVariant?->sku,
            'goods' => $line->name(),
            'pieces' => $line->quantity,
            'line_total' => $line->total($order)->digits(),
            'supplier' => (string) $supplier?->connection?->name,
            'tracking' => $order->parcels
                ->filter(static fn (Parcel $parcel): bool => isset($parcel->pieces[$line->id]))
                ->pluck('tracking')
                ->implode(' '),
        ];
    }
}
