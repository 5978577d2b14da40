<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Tax\StartingRates;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxRate;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\StallTaxRate;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Changes how goods are taxed, each change a step that can be taken back; prices follow. Orders that were placed don't. */
final readonly class ChangeTaxes
{
    /** More rates than a seller would look over. */
    private const MOST = 1_000;

    private const MOST_CLASSES = 500;

    public function __construct(private ChangePricing $change)
    {
    }

    /** @param  array<mixed>  $typed  as {@see TypedTaxes::rate} takes it */
    public function rate(Stall $stall, ?User $by, array $typed, ?StallTaxRate $of = null): PricingChange
    {
        if ($of === null && $stall->taxRates()->count() >= self::MOST) {
            throw new Refusal(sprintf('These are %d rates; there can be no more.', self::MOST));
        }
        $columns = self::dated($stall, TypedTaxes::rate($stall, $typed));
        $words = sprintf('Tax in %s changed', Stall::countrySaid((string) $columns['country']));

        return $this->step($stall, $by, $words, static function () use ($stall, $of, $columns): void {
            $rate = ($of ?? new StallTaxRate(['stall_id' => $stall->id]))->fill($columns);
            if (! $rate->turned || ! $rate->isMarkets() || ! $rate->becomeMarkets($stall)) {
                $rate->save();
            }
        });
    }

    public function remove(Stall $stall, ?User $by, StallTaxRate $rate): PricingChange
    {
        $words = sprintf('A rate of tax in %s was taken out', Stall::countrySaid($rate->country));

        return $this->step($stall, $by, $words, static fn () => $rate->delete());
    }

    /** Takes over what is known to begin with of a country, where nothing is said of it yet. */
    public function begin(Stall $stall, ?User $by, string $country): PricingChange
    {
        $rates = StartingRates::of($country);
        if ($rates === []) {
            throw new Refusal(sprintf('Nothing more is known of %s than its standard rate.', Stall::countrySaid($country)));
        }
        if ($stall->taxRates()->where('country', $country)->exists()) {
            throw new Refusal(sprintf('There are rates of %s already. Change those.', Stall::countrySaid($country)));
        }
        $words = sprintf('Rates of %s taken over', Stall::countrySaid($country));

        return $this->step($stall, $by, $words, static fn () => $stall->taxRates()->createMany(array_map(
            static fn (TaxRate $rate): array => [
                'country' => $country,
                'parts' => $rate->territory->parts,
                'postcodes' => $rate->territory->postcodes?->words(),
                'class' => $rate->class,
                'rate_millionths' => $rate->rate->millionths,
                'from_day' => $rate->from,
                'source' => $rate->source,
                'turned' => true,
            ],
            $rates,
        )));
    }

    /** @param  array<mixed>  $typed  as {@see TypedTaxes::goods} takes it; the standard class takes it out */
    public function goods(Stall $stall, ?User $by, array $typed): PricingChange
    {
        $said = TypedTaxes::goods($stall, $typed);
        if ($stall->taxClasses()->count() >= self::MOST_CLASSES) {
            throw new Refusal(sprintf('These are %d kinds of goods; there can be no more.', self::MOST_CLASSES));
        }
        $key = ['stall_id' => $stall->id, 'by' => $said['by'], 'value' => $said['value']];

        return $this->step($stall, $by, 'How goods are taxed changed', static fn () => $said['class'] === TaxClass::Standard
            ? DB::table('tax_classes')->where($key)->delete()
            : DB::table('tax_classes')->updateOrInsert($key, ['class' => $said['class']->value]));
    }

    /** @param  array<mixed>  $typed  as {@see TypedTaxes::market} takes it */
    public function market(Stall $stall, ?User $by, string $market, array $typed): PricingChange
    {
        $said = TypedTaxes::market($stall, $market, $typed);
        $words = sprintf('Tax in %s changed', Stall::countrySaid($market));
        $home = array_intersect_key($said, ['delivery_tax' => true, 'tax_rounding' => true]);

        return $this->step($stall, $by, $words, static fn () => $market === $stall->home_market
            ? DB::table('stalls')->where('id', $stall->id)->update($home)
            : DB::table('markets')->where('stall_id', $stall->id)->where('market', $market)->update($said));
    }

    /**
     * @param  array<string, mixed>  $columns
     * @return array<string, mixed> with whether prices are made with it at once
     */
    private static function dated(Stall $stall, array $columns): array
    {
        $today = now()->setTimezone(Clock::of($stall)->zone)->format('Y-m-d');

        return $columns + ['turned' => $columns['from_day'] <= $today];
    }

    /** @param  callable(): mixed  $do */
    private function step(Stall $stall, ?User $by, string $words, callable $do): PricingChange
    {
        [$change] = ($this->change)($stall, $by, $words, static function () use ($do): void {
            $do();
        });

        return $change;
    }
}
