<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Tannet;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\Reading;

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
                    ['Colour' => $v->text('colour', 60), 'Size' => $v->text('size', 60, true)],
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
        $areas = array_map(
            static fn (Reading $a): PrintArea => new PrintArea(
                $a->text('code', 40),
                $a->text('name', 80),
                $a->whole('width_mm', 1, 5000),
                $a->whole('height_mm', 1, 5000),
            ),
            $blank->list('areas', 50),
        );
        $methods = array_map(
            static fn (Reading $m): PrintMethod => new PrintMethod(
                $m->text('code', 40),
                $m->text('name', 80),
                Money::of($m->whole('first', 0, self::MOST_CENTS), $currency),
                Money::of($m->whole('further', 0, self::MOST_CENTS), $currency),
                $m->texts('areas'),
            ),
            $blank->list('methods', 50),
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
            new Blank($areas, $methods),
        );
    }
}
