<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Delivery\QuoteFigures;
use WindowStall\Delivery\QuoteReasons;
use WindowStall\Delivery\Resolved;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** A basket tried: why it goes as it does, when it is there, and what is kept. */
final readonly class TriedView
{
    /**
     * @param  list<string>  $reasons  in the order in which they count
     * @param  bool  $goes  whether all of it can go
     * @param  list<TriedLineView>  $ways
     * @param  string  $dates  when all of it is there; "" where it can't go
     */
    public function __construct(
        public array $reasons,
        public bool $goes,
        public array $ways,
        public string $dates,
        public ?MoneyView $charge,
        public ?MoneyView $delivery,
        public ?MoneyView $goods,
        public ?MoneyView $cost,
        public ?MoneyView $taxAndFees,
        public ?MoneyView $keep,
    ) {
    }

    public static function of(Stall $stall, Resolved $asked, ?int $at): self
    {
        $found = $asked->resolution->without ?? $asked->resolution;
        $way = $found->way($at);
        $till = $way === null ? null : QuoteFigures::of($stall, $asked->goods, $way, $asked->to->country);
        $suppliers = array_map(static fn ($d): string => $d->name, ResolveDelivery::dispatchers($stall));
        $rest = $till === null ? null : $till->receipts->minus($till->keep)->minus($till->goods)->minus($till->delivery);

        return new self(
            reasons: QuoteReasons::of($asked, $way, $suppliers),
            goes: $asked->resolution->stops === [] && $way !== null,
            ways: array_map(static fn (WayQuote $w): TriedLineView => new TriedLineView(
                at: $w->at,
                name: $w->way->name,
                dates: ArrivalDates::between($w->earliest(), $w->latest()),
                charge: MoneyView::of($w->charge),
                cost: MoneyView::of($w->cost()),
            ), $found->ways),
            dates: $way === null ? '' : ArrivalDates::between($way->earliest(), $way->latest()),
            charge: MoneyView::ofNullable($way?->charge),
            delivery: MoneyView::ofNullable($till?->delivery),
            goods: MoneyView::ofNullable($till?->price),
            cost: MoneyView::ofNullable($till?->goods),
            taxAndFees: MoneyView::ofNullable($rest === null || $till === null ? null : $rest->plus($till->tax)),
            keep: MoneyView::ofNullable($till?->keep),
        );
    }
}
