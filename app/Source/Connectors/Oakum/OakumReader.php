<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Oakum;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SaidParcel;
use WindowStall\Source\Connectors\SupplierAnswer;

/** Turns Oakum's JSON into the program's own values, field by field, after checking each. */
final class OakumReader
{
    private const MOST_CENTS = 100_000_000;

    public static function item(mixed $said): Item
    {
        $item = Reading::of(OakumConnector::NAME, $said);
        $currency = $item->text('currency', 3);
        $rating = $item->numberOrNull('rating');
        $variants = [];
        foreach ($item->list('variants') as $v) {
            $rrp = $v->wholeOrNull('rrp', 0, self::MOST_CENTS);
            $variants[] = new Variant(
                $v->text('id', 80),
                $v->text('sku', 80),
                $v->textOrNull('barcode', 20),
                $v->textMap('options'),
                Money::of($v->whole('cost', 0, self::MOST_CENTS), $currency),
                $rrp === null ? null : Money::of($rrp, $currency),
                $v->whole('grams', 1),
                $v->wholeMap('stock'),
                $v->wholeOrNull('picture'),
            );
        }

        return new Item(
            $item->text('code', 80),
            mb_substr($item->text('title'), 0, 400),
            $item->text('description', 400_000, true),
            mb_substr($item->text('category', 400, true), 0, 120),
            $item->texts('pictures'),
            $currency,
            new DayRange(...$item->days('processing_days')),
            $rating === null ? null : (int) round($rating * 10),
            $variants,
        );
    }

    /** @return list<Quote> */
    public static function quotes(mixed $said): array
    {
        return array_map(
            static fn (Reading $q): Quote => new Quote(
                $q->text('method', 40),
                $q->whole('price'),
                ...[...$q->days('days'), $q->wholeOrNull('further')],
            ),
            Reading::of(OakumConnector::NAME, ['methods' => $said])->list('methods', 50),
        );
    }

    public static function answer(mixed $said): SupplierAnswer
    {
        $order = Reading::of(OakumConnector::NAME, $said);
        $currency = $order->text('currency', 3);

        return new SupplierAnswer(
            (string) $order->whole('id'),
            match ($order->text('state')) {
                'received' => SupplierOrderState::Sent,
                'accepted' => SupplierOrderState::Accepted,
                'posted' => SupplierOrderState::Posted,
                'refused' => SupplierOrderState::Refused,
                'cancelled' => SupplierOrderState::Withdrawn,
                default => throw \WindowStall\Source\Connectors\SupplierTrouble::strange(OakumConnector::NAME),
            },
            Money::of($order->whole('goods'), $currency),
            Money::of($order->whole('delivery'), $currency),
            $order->textOrNull('carrier', 60),
            $order->textOrNull('tracking', 60),
            $order->textOrNull('reason', 500),
            self::parcels($order),
            Money::of($order->wholeOrNull('extras') ?? 0, $currency),
            $order->momentOrNull('joined_until'),
            $order->textsOrNone('packed_in'),
        );
    }

    /** @return list<SaidParcel> */
    private static function parcels(Reading $order): array
    {
        return array_map(static function (Reading $parcel): SaidParcel {
            $pieces = [];
            foreach ($parcel->list('lines', 100) as $line) {
                $variant = $line->text('variant', 60);
                $pieces[$variant] = ($pieces[$variant] ?? 0) + $line->whole('quantity', 1, 100_000);
            }

            return new SaidParcel($parcel->text('carrier', 60), $parcel->textOrNull('tracking', 60), $pieces);
        }, $order->listOrNone('parcels', 50));
    }
}
