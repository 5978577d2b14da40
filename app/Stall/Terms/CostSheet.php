<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Pricing\Listing\Pricer;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\RecipeBook;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\SalesTax;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Stall\Stall;

/**
 * Everything a stall's sales bear, and its recipes: as they are, or as a trial would have them.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 * @phpstan-import-type WrittenConditions from ConditionNotation
 *
 * @phpstan-type Changes array{
 *     stall?: array<string, int|bool|null>, rates?: array<string, string>, cushion_bp?: int, duty?: array<string, int>,
 *     costs?: array<int|string, int>,
 *     recipes?: list<array{id: int, name: string, conditions: WrittenConditions, recipe: WrittenRecipe}>,
 * }
 */
final class CostSheet
{
    private const SCALE = 10;

    /** @var array<string, int|bool|null> */
    private array $stall;

    /**
     * @var array<string, array{rate: string, cushion: int, day: string}> what one unit costs in the stall's currency
     */
    private array $rates;

    /** @var array<string, Market> */
    private array $markets;

    private RecipeBook $book;

    /** @var array<int, int> connection → how much dearer its goods are, in basis points */
    private array $costs;

    /** @var array<string, Rates> */
    private array $made = [];

    /** @var array<string, Pricer> by market and class */
    private array $pricers = [];

    private ?Taxes $taxes = null;

    /** @var array<int, Money>|null connection → handling of its parcels; only of those that lay something in */
    private ?array $laidIn = null;

    /** @param  Changes  $changes */
    private function __construct(private readonly Stall $of, array $changes)
    {
        $columns = [
            'vat_bp',
            'tax_on_top',
            'flat_delivery_minor',
            'payment_fee_bp',
            'payment_fee_fixed_minor',
            'platform_fee_bp',
            'returns_bp',
            'advertising_minor',
            'handling_minor',
            'rate_tolerance_bp',
            'built_in_minor',
            'free_over_minor',
        ];
        $this->stall =
            ($changes['stall'] ?? []) +
            array_combine($columns, array_map(static fn (string $c): mixed => $of->getAttribute($c), $columns));
        $this->rates = [];
        foreach ($of->rates as $rate) {
            /** @var StallRate $rate */
            $this->rates[$rate->from] = [
                'rate' => $changes['rates'][$rate->from] ?? $rate->rate,
                'cushion' => $changes['cushion_bp'] ?? $rate->cushion_bp,
                'day' => $rate->day,
            ];
        }
        $this->markets = [];
        foreach ($of->marketRows as $market) {
            $this->markets[$market->market] = $market;
            if (isset($changes['duty'][$market->market])) {
                $this->markets[$market->market] = $market
                    ->replicate()
                    ->fill(['duty_bp' => $changes['duty'][$market->market]]);
            }
        }
        $this->costs = array_combine(
            array_map(intval(...), array_keys($changes['costs'] ?? [])),
            array_values($changes['costs'] ?? []),
        );
        $currency = $of->currencyValue();
        $recipes = isset($changes['recipes'])
            ? array_map(static fn (array $r) => PriceRecipe::rule($r, $currency), $changes['recipes'])
            : array_values($of->recipes->map(static fn (PriceRecipe $r) => $r->ruled($currency))->all());
        $this->book = new RecipeBook(
            $recipes !== [] ? $recipes : throw new \LogicException('A stall always has a recipe.'),
        );
    }

    /** @param  Changes  $changes */
    public static function of(Stall $stall, array $changes = []): self
    {
        return new self($stall, $changes);
    }

    public function book(): RecipeBook
    {
        return $this->book;
    }

    public function tolerance(): int
    {
        return (int) $this->stall['rate_tolerance_bp'];
    }

    /** How much dearer a supplier's goods are in this sheet than they are said to be, in basis points. */
    public function dearer(int $connection): int
    {
        return $this->costs[$connection] ?? 0;
    }

    public function currency(string $market): Currency
    {
        $code = $market === $this->of->home_market ? null : $this->markets[$market]->currency ?? null;

        return $code === null ? $this->of->currencyValue() : Currency::of($code);
    }

    /** Whether prices there follow the home market's. */
    public function converts(string $market): bool
    {
        return $market !== $this->of->home_market && ($this->markets[$market]->prices ?? 'conversion') === 'conversion';
    }

    /** What prices turned into a market's currency end in; null as they come. */
    public function ending(string $market): ?Ending
    {
        $written = $market === $this->of->home_market ? null : $this->markets[$market]->ending ?? null;

        return $written === null
            ? null
            : RecipeNotation::read(
                new Fields(['steps' => [['factor' => '1']], 'ending' => $written]),
                $this->currency($market),
            )->ending;
    }

    public function duty(string $market): Duty
    {
        $row = $this->markets[$market] ?? null;

        return $row === null ? Duty::none() : new Duty(Rate::bp($row->duty_bp), DutyBase::from($row->duty_on));
    }

    /** Per parcel. */
    public function handling(): Money
    {
        return $this->money('handling_minor');
    }

    /** The same of a supplier's parcels, with what the supplier takes for what it lays in. */
    public function parcelOf(int $connection): Money
    {
        $this->laidIn ??= $this->readLaidIn();

        return $this->laidIn[$connection] ?? $this->handling();
    }

    /** @return array<int, Money> */
    private function readLaidIn(): array
    {
        $costs = [];
        $rows = DB::table('supplier_connections')->where('stall_id', $this->of->id)->whereRaw("extras::text <> '[]'")->pluck('extras', 'id');
        foreach ($rows as $connection => $extras) {
            $cost = $this->handling();
            /** @var list<array{minor: int, currency: string}> $laidIn */
            $laidIn = json_decode((string) $extras, true);
            foreach ($laidIn as $one) {
                $money = Money::of($one['minor'], $one['currency']);
                try {
                    $cost = $cost->plus($this->rates()->from($money->currency)->convert($money));
                } catch (RateMissing) {
                    // Nothing in that currency has a price before there is a rate.
                    continue;
                }
            }
            $costs[(int) $connection] = $cost;
        }

        return $costs;
    }

    /** A market's standard rate of tax, as it stands on the sheet. */
    public function standardTax(string $market): Rate
    {
        return Rate::bp($this->abroad($market)->tax_bp ?? (int) $this->stall['vat_bp']);
    }

    /** Whether tax stands inside a market's prices, or is put on top. */
    public function taxIncluded(string $market): bool
    {
        return ! (bool) ($this->abroad($market)->tax_on_top ?? $this->stall['tax_on_top']);
    }

    /** How the stall's goods are taxed by this sheet. */
    public function taxes(): Taxes
    {
        return $this->taxes ??= Taxes::of($this->of, $this);
    }

    private function abroad(string $market): ?Market
    {
        return $market === $this->of->home_market ? null : $this->markets[$market] ?? null;
    }

    /**
     * What sales to a market bear, in the stall's currency. Prices reckon with the goods' own rate for their delivery, too.
     *
     * @param  bool  $posted  whether delivery is charged at all
     */
    public function terms(string $market, TaxClass $class = TaxClass::Standard, bool $posted = true): SaleTerms
    {
        $home = $market === $this->of->home_market;
        $row = $this->abroad($market);
        $rate = $this->taxes()->rate($class, new Destination($market));
        $onTop = ! $this->taxIncluded($market);
        $charged = isset($row->charged_minor)
            ? $this->back($market)?->convert(new Money($row->charged_minor, $this->currency($market))) ??
                $this->of->money($row->charged_minor)
            : $this->money('flat_delivery_minor');

        return new SaleTerms(
            $onTop ? SalesTax::onTop($rate) : SalesTax::included($rate),
            $posted ? $charged : $charged->with(0),
            Rate::bp((int) $this->stall['payment_fee_bp']),
            $this->money('payment_fee_fixed_minor'),
            Rate::bp((int) $this->stall['platform_fee_bp']),
            Rate::bp((int) $this->stall['returns_bp']),
            $this->money('advertising_minor'),
            $home && $posted ? $this->of->moneyOrNull(self::whole($this->stall['free_over_minor'])) : null,
        );
    }

    /** The terms with the charge for delivery that prices carry instead, at home; null where none is built in. */
    public function carried(string $market, TaxClass $class = TaxClass::Standard): ?SaleTerms
    {
        $builtIn = (int) ($this->stall['built_in_minor'] ?? 0);
        $terms = $this->terms($market, $class);

        return $builtIn === 0 || $market !== $this->of->home_market
            ? null
            : new SaleTerms(
                $terms->tax,
                $this->of->money($builtIn),
                $terms->payment,
                $terms->paymentFixed,
                $terms->platform,
                $terms->returns,
                $terms->advertising,
            );
    }

    /** @param  bool  $posted  whether delivery is charged at all */
    public function pricer(string $market, TaxClass $class = TaxClass::Standard, bool $posted = true): Pricer
    {
        return $this->pricers[$market.' '.$class->value.($posted ? '' : ' given')] ??= new Pricer(
            $this->terms($market, $class, $posted),
            $this->book,
            $this->rates(),
            $this->ending($market),
            $this->back($market),
            $posted ? $this->carried($market, $class) : null,
        );
    }

    /** The rates of the day into the stall's currency, cushions included. */
    public function rates(): Rates
    {
        return $this->made[''] ??= $this->ratesWith([]);
    }

    /** The same, with the rate of one currency as a price froze it. */
    public function held(string $currency, string $rate): Rates
    {
        return $rate === $this->rateOf($currency)
            ? $this->rates()
            : ($this->made[$currency.'|'.$rate] ??= $this->ratesWith([$currency => $rate]));
    }

    /**
     * What one unit of a currency costs in the stall's, without a cushion, as a decimal.
     *
     * @throws RateMissing
     */
    public function rateOf(string $currency): string
    {
        return $currency === $this->of->currency
            ? '1'
            : $this->rates[$currency]['rate'] ??
                    throw RateMissing::between(Currency::of($currency), $this->of->currencyValue());
    }

    /** What one unit of the stall's currency is in a market's, today, as a decimal; null where it is the same. */
    public function shownRate(string $market): ?string
    {
        $into = $this->currency($market)->code;

        return $into === $this->of->currency
            ? null
            : (string) BigDecimal::one()
                ->dividedBy($this->rateOf($into), self::SCALE, RoundingMode::HALF_UP)
                ->stripTrailingZeros();
    }

    /** Turns prices into a market's currency at a rate. */
    public function shownBy(string $market, string $rate): ExchangeRate
    {
        return ExchangeRate::of($this->of->currencyValue(), $this->currency($market), $rate, 0, '');
    }

    /** A currency into the stall's without a cushion, for prices that shoppers compare with. */
    public function shownLike(string $currency): ExchangeRate
    {
        return ExchangeRate::of(Currency::of($currency), $this->of->currencyValue(), $this->rateOf($currency), 0, '');
    }

    private function back(string $market): ?ExchangeRate
    {
        $from = $this->currency($market);

        return $from->code === $this->of->currency
            ? null
            : ExchangeRate::of($from, $this->of->currencyValue(), $this->rateOf($from->code), 0, '');
    }

    private static function whole(int|bool|null $minor): ?int
    {
        return $minor === null ? null : (int) $minor;
    }

    private function money(string $column): Money
    {
        return $this->of->money((int) $this->stall[$column]);
    }

    /** @param  array<string, string>  $held */
    private function ratesWith(array $held): Rates
    {
        $into = $this->of->currencyValue();
        $from = [];
        foreach ($this->rates as $code => $rate) {
            if ($code !== $into->code) {
                $from[$code] = ExchangeRate::of(
                    Currency::of($code),
                    $into,
                    $held[$code] ?? $rate['rate'],
                    $rate['cushion'],
                    $rate['day'],
                );
            }
        }

        return new Rates($into, $from);
    }
}
