<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Tannet;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Turns a blank as Tannet says it into the program's own values. A plain blank's cost is said without printing. */
final class TannetReader
{
    /** Where Tannet prints. */
    private const WORKS = 'NL';

    private const MOST_CENTS = 10_000_000;

    public static function item(Reading $blank): Item
    {
        $currency = $blank->text('currency', 3);
        $variants = array_map(
            static fn (Reading $v): Variant => new Variant(
                $v->text('sku', 80),
                $v->text('sku', 80),
                $v->textOrNull('gtin', 20),
                array_filter(
                    [Blank::COLOUR => $v->text('colour', 60), Blank::SIZE => $v->text('size', 60, true)],
                    static fn (string $o): bool => $o !== '',
                ),
                Money::of($v->whole('cost', 0, self::MOST_CENTS), $currency),
                null,
                $v->whole('grams', 1),
                [self::WORKS => $v->whole('stock')],
                $v->wholeOrNull('picture'),
            ),
            $blank->list('variants'),
        );

        return new Item(
            $blank->text('code', 80),
            mb_substr($blank->text('name'), 0, 400),
            '<p>'.htmlspecialchars($blank->text('about', 20_000, true)).'</p>',
            mb_substr($blank->text('category', 120, true), 0, 120),
            $blank->texts('pictures'),
            $currency,
            new DayRange(...$blank->days('made_in_days')),
            null,
            $variants,
            BlankReader::blank($blank, $currency),
        );
    }

    public static function answer(mixed $said): SupplierAnswer
    {
        $order = Reading::of(TannetConnector::NAME, $said);
        $currency = $order->text('currency', 3);

        return new SupplierAnswer(
            (string) $order->whole('id'),
            match ($order->text('state')) {
                'received' => SupplierOrderState::Sent,
                'printing' => SupplierOrderState::Accepted,
                'posted' => SupplierOrderState::Posted,
                'refused' => SupplierOrderState::Refused,
                'cancelled' => SupplierOrderState::Withdrawn,
                default => throw SupplierTrouble::strange(TannetConnector::NAME),
            },
            Money::of($order->whole('goods'), $currency),
            Money::of($order->whole('delivery'), $currency),
            $order->textOrNull('carrier', 60),
            $order->textOrNull('tracking', 60),
            $order->textOrNull('reason', 500),
            extras: Money::of($order->wholeOrNull('extras') ?? 0, $currency),
        );
    }
}
