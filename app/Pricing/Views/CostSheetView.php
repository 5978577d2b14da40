<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Market;
use WindowStall\Stall\Terms\StallRate;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** What every sale of a stall bears, line by line, with what each does to one sale of a sample. */
final readonly class CostSheetView
{
    /**
     * @param  list<CostFieldView>  $fields
     * @param  list<RateView>  $rates
     * @param  list<MarketTermsView>  $markets
     * @param  list<string>  $currencies  that markets can show prices in
     * @param  array<int, string>  $samples  listing → title, to choose from
     */
    public function __construct(
        public array $fields,
        public bool $taxOnTop,
        public array $rates,
        public string $cushion,
        public string $cushionEffect,
        public array $markets,
        public array $currencies,
        public ?int $sample,
        public array $samples,
        public ?SaleView $sale,
        public string $freeOver,
        public string $currency,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $stall->loadMissing(['rates', 'recipes', 'marketRows']);
        $sample = self::sample($stall);
        $till = $sample === null ? null : $sample[1]->till;
        $cushion = (int) ($stall->rates->first()->cushion_bp ?? 0);

        return new self(
            fields: self::fields($stall, $till),
            taxOnTop: $stall->tax_on_top,
            rates: self::rates($stall),
            cushion: Percent::digits($cushion),
            cushionEffect: self::cushionEffect($stall, $sample[1] ?? null),
            markets: array_map(
                static fn (string $m): MarketTermsView => self::market($stall, $m, $sample[1] ?? null),
                $stall->soldTo(),
            ),
            currencies: [$stall->currency, ...array_values($stall->rates->pluck('from')->sort()->all())],
            sample: $sample[0]->listing->id ?? null,
            samples: Listing::of($stall)
                ->where('shown_from_minor', '>', 0)
                ->orderByDesc('shown_since')
                ->orderBy('shown_title')
                ->limit(60)
                ->pluck('shown_title', 'id')
                ->all(),
            sale: $till === null || $sample === null
                ? null
                : SaleView::of(
                    $sample[0]->title->shown().($sample[1]->label === '' ? '' : ', '.$sample[1]->label),
                    $till,
                ),
            freeOver: $stall->freeOver()?->digits() ?? '',
            currency: $stall->currency,
        );
    }

    /** @return list<RateView> those in use first */
    public static function rates(Stall $stall): array
    {
        $used = [
            ...DB::table('supplier_items')
                ->where('stall_id', $stall->id)
                ->whereNull('gone_at')
                ->distinct()
                ->pluck('currency')
                ->all(),
            ...$stall->marketRows->pluck('currency')->filter()->all(),
        ];

        return array_values(
            $stall->rates
                ->sortByDesc(static fn (StallRate $r): array => [in_array($r->from, $used, true), -ord($r->from[0])])
                ->map(
                    static fn (StallRate $r): RateView => new RateView(
                        from: $r->from,
                        rate: self::plain($r->rate),
                        day: Carbon::parse($r->day)->format('j M Y'),
                        typed: $r->typed,
                        used: in_array($r->from, $used, true),
                    ),
                )
                ->all(),
        );
    }

    /** @return array{ListingFigures, VariantFigures}|null the listing that was chosen, or one that is shown */
    private static function sample(Stall $stall): ?array
    {
        $listing = Listing::of($stall)
            ->with([...Listing::FOR_FIGURES, 'variants.supplierVariant.item', 'variants.sold.item'])
            ->where('shown_from_minor', '>', 0)
            ->orderByRaw('id = ? DESC, state = ? DESC, id', [
                $stall->sample_listing_id ?? 0,
                ListingState::InWindow->value,
            ])
            ->first();
        if ($listing === null) {
            return null;
        }
        $figures = ListingFigures::of($stall, $listing);
        foreach ($figures->variants as $variant) {
            if ($variant->on && $variant->till !== null) {
                return [$figures, $variant];
            }
        }

        return null;
    }

    /** @return list<CostFieldView> */
    private static function fields(Stall $stall, ?Till $till): array
    {
        $takes = static fn (?Money $line): string => $line === null
            ? ''
            : ($line->minor === 0
                ? 'takes nothing'
                : 'takes '.MoneyView::text($line));

        return [
            new CostFieldView(key: 'vat', value: Percent::digits($stall->vat_bp), effect: $takes($till?->tax)),
            new CostFieldView(
                key: 'flat_delivery',
                value: $stall->flatDelivery()->digits(),
                effect: $till === null
                    ? ''
                    : ($till->charged->minor === 0
                        ? 'brings nothing: delivery is free'
                        : 'brings '.MoneyView::text($till->charged).' before tax'),
            ),
            new CostFieldView(
                key: 'payment_fee',
                value: Percent::digits($stall->payment_fee_bp),
                effect: $takes($till?->fee),
            ),
            new CostFieldView(
                key: 'payment_fee_fixed',
                value: $stall->money($stall->payment_fee_fixed_minor)->digits(),
                effect: '',
            ),
            new CostFieldView(
                key: 'platform_fee',
                value: Percent::digits($stall->platform_fee_bp),
                effect: $takes($till?->platform),
            ),
            new CostFieldView(
                key: 'returns',
                value: Percent::digits($stall->returns_bp),
                effect: $takes($till?->returns),
            ),
            new CostFieldView(
                key: 'advertising',
                value: $stall->money($stall->advertising_minor)->digits(),
                effect: $till === null
                    ? ''
                    : $takes($till->advertising).
                        ($till->breakEvenAdvertising()->minor > 0
                            ? '; from '.MoneyView::text($till->breakEvenAdvertising()).' on it loses money'
                            : ''),
            ),
            new CostFieldView(
                key: 'handling',
                value: $stall->money($stall->handling_minor)->digits(),
                effect: $takes($till?->handling),
            ),
            new CostFieldView(
                key: 'rate_tolerance',
                value: Percent::digits($stall->rate_tolerance_bp),
                effect: self::tolerance($stall),
            ),
        ];
    }

    private static function tolerance(Stall $stall): string
    {
        $rate = $stall->rates->firstWhere('from', $stall->currency === 'USD' ? 'EUR' : 'USD');
        if ($rate === null) {
            return '';
        }
        $at = static fn (int $bp): string => self::plain(
            (string) \Brick\Math\BigDecimal::of($rate->rate)
                ->multipliedBy($bp)
                ->dividedBy(10_000, 4, \Brick\Math\RoundingMode::HALF_UP),
        );

        return sprintf(
            'a price made at %s to the %s stays between %s and %s',
            self::plain($rate->rate),
            $rate->from,
            $at(10_000 - $stall->rate_tolerance_bp),
            $at(10_000 + $stall->rate_tolerance_bp),
        );
    }

    private static function cushionEffect(Stall $stall, ?VariantFigures $variant): string
    {
        $supplier = $variant?->row->selling();
        $code = $supplier?->item?->currency;
        if (
            $variant?->landed === null ||
            $supplier?->first_minor === null ||
            $code === null ||
            $code === $stall->currency
        ) {
            return '';
        }
        $plain = CostSheet::of($stall, ['cushion_bp' => 0])
            ->rates()
            ->from(\WindowStall\Core\Money\Currency::of($code));
        $without = $plain
            ->convert(Money::of($supplier->cost_minor, $code))
            ->plus($plain->convert(Money::of($supplier->first_minor, $code)));
        $more = ($variant->till?->goods->minor ?? 0) + ($variant->till?->delivery->minor ?? 0) - $without->minor;

        return $more <= 0 ? 'adds nothing' : 'adds '.MoneyView::text($stall->money($more)).' to its landed cost';
    }

    private static function market(Stall $stall, string $market, ?VariantFigures $variant): MarketTermsView
    {
        $row =
            $stall->marketRows->firstWhere('market', $market) ??
            new Market(['prices' => 'conversion', 'duty_bp' => 0, 'duty_on' => 'goods_and_delivery']);
        $price = $variant?->row->priceIn($market);
        $shown = $price?->shown();

        return new MarketTermsView(
            market: $market,
            name: Stall::countryName($market),
            home: $market === $stall->home_market,
            prices: $row->prices,
            currency: $row->currency ?? $stall->currency,
            ending: $row->ending['part'] ?? '',
            duty: Percent::digits($row->duty_bp),
            dutyOn: $row->duty_on,
            tax: $row->tax_bp === null ? '' : Percent::digits($row->tax_bp),
            taxOnTop: (bool) $row->tax_on_top,
            charged: $row->charged_minor === null
                ? ''
                : Money::of($row->charged_minor, $row->currency ?? $stall->currency)->digits(),
            effect: $variant === null
                ? ''
                : ($shown === null || $price?->keep_minor === null
                    ? 'the sample isn’t delivered there'
                    : sprintf(
                        'the sample costs %s there and keeps %s',
                        MoneyView::text($shown),
                        MoneyView::text($stall->money($price->keep_minor)),
                    )),
        );
    }

    private static function plain(string $rate): string
    {
        return str_contains($rate, '.') ? rtrim(rtrim($rate, '0'), '.') : $rate;
    }
}
