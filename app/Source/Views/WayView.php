<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use Illuminate\Support\Carbon;
use WindowStall\Core\Delivery\WorkCalendar;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Stall\Clock;
use WindowStall\Support\Views\MoneyView;

/** One way goods can come: from where, how, for how much, and between which dates if it is ordered today. */
final readonly class WayView
{
    public function __construct(
        public string $warehouse,
        public string $method,
        public MoneyView $price,
        public string $days,
        public string $dates,
        public int $stock,
    ) {
    }

    /** @param  WorkCalendar  $place  of where it goes */
    public static function of(Offer $offer, ExchangeRate $rate, WorkCalendar $place): self
    {
        $today = Carbon::parse(Clock::here()->today())->toDateTimeImmutable();

        return new self(
            warehouse: $offer->warehouse,
            method: $offer->method,
            price: MoneyView::of($rate->convert($offer->delivery)),
            days: $offer->days->words(),
            dates: $place->after($today, $offer->days->min)->format('j M').
                ' to '.
                $place->after($today, $offer->days->max)->format('j M'),
            stock: $offer->stock,
        );
    }
}
