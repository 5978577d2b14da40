<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Tax\StartingRates;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Pricing\SoldInYear;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\StallTaxRate;
use WindowStall\Support\Views\MoneyView;

/** How sales to a country are taxed. */
final readonly class TaxMarketView
{
    /**
     * @param  string  $standard  "23% inside the price"
     * @param  string  $delivery  how a charge for delivery is taxed, in words
     * @param  string  $rounding  where tax is rounded, in words
     * @param  string  $soFar  what was sold there this year, beside the threshold; "" where none is said
     * @param  string  $threshold  as it is typed
     * @param  list<TaxRateView>  $rates  besides the standard one
     * @param  bool  $known  whether more is known of it to begin with, and nothing of that is said yet
     */
    public function __construct(
        public string $country,
        public string $name,
        public bool $home,
        public string $standard,
        public string $delivery,
        public string $deliveryAs,
        public string $rounding,
        public string $roundingBy,
        public bool $reverse,
        public string $soFar,
        public bool $over,
        public string $threshold,
        public string $currency,
        public array $rates,
        public bool $known,
    ) {
    }

    public static function of(Stall $stall, CostSheet $sheet, string $country): self
    {
        $rules = $sheet->taxes()->rules($country);
        $market = $stall->marketRows->firstWhere('market', $country);
        $currency = $sheet->currency($country);
        $least = $country === $stall->home_market ? null : $market?->tax_threshold_minor;
        $sold = $least === null ? null : app(SoldInYear::class)->to($stall, $country, $currency);
        $rates = $stall->taxRates->where('country', $country);

        return new self(
            country: $country,
            name: Stall::countrySaid($country),
            home: $country === $stall->home_market,
            standard: $sheet->taxes()->rate(TaxClass::Standard, new Destination($country))->percent().
                ($rules->included ? ' inside the price' : ' on top of the price'),
            delivery: $rules->delivery->words(),
            deliveryAs: $rules->delivery->value,
            rounding: $rules->rounding->words(),
            roundingBy: $rules->rounding->value,
            reverse: $sheet->taxes()->reverses($country),
            soFar: $sold === null ? '' : sprintf(
                '%s of %s sold there this year',
                MoneyView::text($sold),
                MoneyView::text($sold->with((int) $least)),
            ),
            over: $sold !== null && $sold->minor >= (int) $least,
            threshold: $least === null ? '' : (new Money($least, $currency))->digits(),
            currency: $currency->code,
            rates: array_values($rates->map(static fn (StallTaxRate $rate): TaxRateView => TaxRateView::of($rate))->all()),
            known: $rates->isEmpty() && StartingRates::of($country) !== [],
        );
    }
}
