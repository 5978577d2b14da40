<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Dispatch\Books\OrderResult;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Order;
use WindowStall\Support\Views\MoneyView;

/** The strip of an order: what was paid, where it went, and what it keeps beside what it was expected to. */
final readonly class OrderStripView
{
    /** How the books' reasons are called. */
    private const REASONS = [
        'goods' => 'goods',
        'delivery' => 'delivery',
        'duty' => 'duty, handling, laid in',
        'back' => 'given back, without its tax',
        'borne' => 'borne by others',
        'returns' => 'set by for returns',
    ];

    /**
     * @param  list<OrderPartView>  $parts  goods, delivery, fees, tax, back so far
     * @param  list<OrderPartView>  $reasons  what makes it other than expected; they add up to the difference
     */
    public function __construct(
        public string $about,
        public MoneyView $paid,
        public array $parts,
        public MoneyView $keeps,
        public MoneyView $expected,
        public MoneyView $difference,
        public array $reasons,
        public bool $sure,
    ) {
    }

    public static function of(Order $order, OrderResult $result, bool $sure): self
    {
        $actual = $result->actual;
        $fees = $actual->fee->plus($actual->platform)->plus($actual->advertising);
        $parts = [
            ['goods', $actual->goods, $result->expected->goods],
            ['delivery', $actual->delivery, $result->expected->delivery],
            ['duty, handling, laid in', $actual->duty->plus($actual->handling), $result->expected->duty->plus($result->expected->handling)],
            ['fees', $fees, null],
            ['VAT', $actual->tax->minus($result->taxBack), null],
            ['back so far', $result->back->minus($result->taxBack), null],
        ];

        return new self(
            about: 'Order '.$order->number,
            paid: MoneyView::of($order->worth($order->total_minor)),
            parts: array_values(array_map(
                static fn (array $p): OrderPartView => new OrderPartView($p[0], MoneyView::of($p[1]), self::more($p[1], $p[2])),
                array_filter($parts, static fn (array $p): bool => $p[0] !== 'duty, handling, laid in' || $p[1]->minor !== 0),
            )),
            keeps: MoneyView::of($result->kept),
            expected: MoneyView::of($result->expected->keep),
            difference: MoneyView::of($result->difference()),
            reasons: array_values(array_map(
                static fn (string $name, Money $by): OrderPartView => new OrderPartView(self::REASONS[$name], MoneyView::of($by), ''),
                array_keys($result->reasons()),
                array_values($result->reasons()),
            )),
            sure: $sure,
        );
    }

    /** "+2.10" where it came to more than expected, "−0.40" where to less; "" where it is as expected, or nothing was. */
    private static function more(Money $actual, ?Money $expected): string
    {
        $by = $expected === null ? 0 : $actual->minor - $expected->minor;

        return $by === 0 ? '' : ($by > 0 ? '+' : '−').$actual->with(abs($by))->digits();
    }
}
