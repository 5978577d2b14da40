<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Till;
use WindowStall\Pricing\CostSheet;
use WindowStall\Pricing\Market;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRate;
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
            self::fields($stall, $till),
            $stall->tax_on_top,
            self::rates($stall),
            Percent::digits($cushion),
            self::cushionEffect($stall, $sample[1] ?? null),
            array_map(
                static fn (string $m): MarketTermsView => self::market($stall, $m, $sample[1] ?? null),
                $stall->markets(),
            ),
            [$stall->currency, ...array_values($stall->rates->pluck('from')->sort()->all())],
            $sample[0]->listing->id ?? null,
            $stall
                ->listings()
                ->where('shown_from_minor', '>', 0)
                ->orderByDesc('shown_since')
                ->orderBy('shown_title')
                ->limit(60)
                ->pluck('shown_title', 'id')
                ->all(),
            $till === null || $sample === null
                ? null
                : SaleView::of(
                    $sample[0]->title->shown().($sample[1]->label === '' ? '' : ', '.$sample[1]->label),
                    $till,
                ),
            $stall->freeOver()?->digits() ?? '',
            $stall->currency,
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
                        $r->from,
                        self::plain($r->rate),
                        $r->day,
                        $r->typed,
                        in_array($r->from, $used, true),
                    ),
                )
                ->all(),
        );
    }

    /** @return array{ListingFigures, VariantFigures}|null the listing that was chosen, or one that is shown */
    private static function sample(Stall $stall): ?array
    {
        $listing = $stall
            ->listings()
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
            new CostFieldView('vat', Percent::digits($stall->vat_bp), $takes($till?->tax)),
            new CostFieldView(
                'flat_delivery',
                $stall->flatDelivery()->digits(),
                $till === null
                    ? ''
                    : ($till->charged->minor === 0
                        ? 'brings nothing: delivery is free'
                        : 'brings '.MoneyView::text($till->charged).' before tax'),
            ),
            new CostFieldView('payment_fee', Percent::digits($stall->payment_fee_bp), $takes($till?->fee)),
            new CostFieldView('payment_fee_fixed', $stall->money($stall->payment_fee_fixed_minor)->digits(), ''),
            new CostFieldView('platform_fee', Percent::digits($stall->platform_fee_bp), $takes($till?->platform)),
            new CostFieldView('returns', Percent::digits($stall->returns_bp), $takes($till?->returns)),
            new CostFieldView(
                'advertising',
                $stall->money($stall->advertising_minor)->digits(),
                $till === null
                    ? ''
                    : $takes($till->advertising).
                        ($till->breakEvenAdvertising()->minor > 0
                            ? '; from '.MoneyView::text($till->breakEvenAdvertising()).' on it loses money'
                            : ''),
            ),
            new CostFieldView('handling', $stall->money($stall->handling_minor)->digits(), $takes($till?->handling)),
            new CostFieldView('rate_tolerance', Percent::digits($stall->rate_tolerance_bp), self::tolerance($stall)),
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
            $market,
            Stall::countryName($market),
            $market === $stall->home_market,
            $row->prices,
            $row->currency ?? $stall->currency,
            $row->ending['part'] ?? '',
            Percent::digits($row->duty_bp),
            $row->duty_on,
            $row->tax_bp === null ? '' : Percent::digits($row->tax_bp),
            (bool) $row->tax_on_top,
            $row->charged_minor === null
                ? ''
                : Money::of($row->charged_minor, $row->currency ?? $stall->currency)->digits(),
            $variant === null
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
