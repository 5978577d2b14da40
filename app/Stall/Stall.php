<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\HasApiTokens;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\SalesTax;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Words\Country;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Market;
use WindowStall\Stall\Terms\Place;
use WindowStall\Stall\Terms\PriceRecipe;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Stall\Terms\StallRate;
use WindowStall\Stall\Terms\StallTaxClass;
use WindowStall\Stall\Terms\StallTaxRate;
use WindowStall\Stall\Words\MarketLanguage;
use WindowStall\Stall\Words\Phrases;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Spoken;

/**
 * One seller's shop and everything behind it.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed>|null $sharing how its orders are shared out over suppliers, as it is written
 * @property string $handle
 * @property string $country
 * @property string $home_market
 * @property string $language that its seller writes in, ISO 639-1
 * @property string $currency
 * @property int $vat_bp
 * @property int $flat_delivery_minor
 * @property int $payment_fee_bp
 * @property int $payment_fee_fixed_minor
 * @property bool $tax_on_top
 * @property string $delivery_tax at home {@see \WindowStall\Core\Tax\DeliveryTax}
 * @property string $tax_rounding at home {@see \WindowStall\Core\Tax\TaxRounding}
 * @property int $platform_fee_bp
 * @property int $returns_bp
 * @property int $advertising_minor
 * @property int $handling_minor
 * @property int $dearer_bp by how much more than expected a supplier may charge before a person is asked
 * @property int $rate_tolerance_bp
 * @property int|null $built_in_minor a charge for delivery that recipes build into their prices instead
 * @property int|null $free_over_minor baskets worth this much are sent free
 * @property int|null $sample_listing_id the listing that the cost sheet is shown on
 * @property array<string, mixed> $drift_policies its rules for what suppliers change
 * @property int|null $digest_hour when the mail goes out with what suppliers changed; null: never
 * @property string $zone by whose clock it goes: an IANA name; {@see Clock}
 * @property string|null $digest_sent_on the last day on which it was looked whether there is something to mail
 * @property list<array{string, string}> $closed_days when nobody is there: from and to, both included, YYYY-MM-DD
 * @property bool $open whether shoppers are let in
 * @property string|null $begins_with {@see \WindowStall\Core\Opening\Steps\Beginning}; null: nobody said yet
 * @property list<string> $steps_skipped {@see \WindowStall\Core\Opening\Steps\FirstStep}
 * @property Carbon|null $opens_at when a closed shop opens by itself; null: when somebody opens it
 * @property Carbon|null $opened_at when the shop was first opened
 * @property string|null $reminder_words what shoppers are told who left a basket at the checkout; null: nobody is
 * @property int|null $only_listing_id the one listing its shop sells; null where it sells many
 * @property list<array{kind: string, on: bool, number: int}>|null $corner_tags as {@see \WindowStall\Core\Window\TagRule} reads them
 * @property int|null $reviews_after_days after it was there buyers are asked what they say of it; null where nobody is
 * @property int $reminder_hours so long after they left
 * @property bool $straight_to_checkout whether goods can be bought without a look at the basket
 * @property int $addition_minutes so long after paying something more is offered into the same parcel; 0: never
 * @property int $promise_days the shop promises delivery within so many working days
 */
final class Stall extends Model
{
    /** @use HasApiTokens<StallToken> */
    use HasApiTokens;

    /** From where its shop is looked at; null: from home. */
    private ?ShopMarket $seen = null;

    /** The language its shopper reads; null: that of the market. */
    private ?string $spoken = null;

    private ?Phrases $phrases = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'sharing' => 'array',
            'tax_on_top' => 'boolean',
            'drift_policies' => 'array',
            'corner_tags' => 'array',
            'closed_days' => 'array',
            'opens_at' => 'datetime',
            'steps_skipped' => 'array',
            'straight_to_checkout' => 'boolean',
        ];
    }

    protected static function booted(): void
    {
        self::updated(static fn (Stall $stall) => $stall->wasChanged('zone') ? OneStall::clockMoved() : null);
    }

    public function getRouteKeyName(): string
    {
        return 'handle';
    }

    /** @return BelongsToMany<User, $this> */
    public function users(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships');
    }

    /** @return HasMany<StallRate, $this> */
    public function rates(): HasMany
    {
        return $this->hasMany(StallRate::class);
    }

    /** @return HasMany<PriceRecipe, $this> in the order of their precedence */
    public function recipes(): HasMany
    {
        return $this->hasMany(PriceRecipe::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Market, $this> */
    public function marketRows(): HasMany
    {
        return $this->hasMany(Market::class)->orderBy('market');
    }

    /** @return HasMany<MarketLanguage, $this> */
    public function languageRows(): HasMany
    {
        return $this->hasMany(MarketLanguage::class)->orderBy('market')->orderBy('position');
    }

    /** @return HasMany<StallTaxRate, $this> besides each market's standard one */
    public function taxRates(): HasMany
    {
        return $this->hasMany(StallTaxRate::class)->orderBy('country')->orderBy('from_day')->orderBy('id');
    }

    /** @return HasMany<StallTaxClass, $this> */
    public function taxClasses(): HasMany
    {
        return $this->hasMany(StallTaxClass::class)->orderBy('by')->orderBy('value');
    }

    /** @return HasMany<Place, $this> where it sends, in the seller's order */
    public function places(): HasMany
    {
        return $this->hasMany(Place::class)->orderBy('position')->orderBy('id');
    }

    public function currencyValue(): Currency
    {
        return Currency::of($this->currency);
    }

    public function money(int $minor): Money
    {
        return new Money($minor, $this->currencyValue());
    }

    public function moneyOrNull(?int $minor): ?Money
    {
        return $minor === null ? null : $this->money($minor);
    }

    public function tax(): SalesTax
    {
        return $this->terms()->tax;
    }

    /** What a sale bears, to the home market when no other is given. */
    public function terms(?string $market = null, TaxClass $class = TaxClass::Standard): SaleTerms
    {
        return CostSheet::of($this)->terms($market ?? $this->home_market, $class);
    }

    /** The same stall as shoppers of a country see it: with that market's prices, where it is a market of the shop. */
    public function seenFrom(string $country): self
    {
        $stall = clone $this;
        $stall->seen = ShopMarket::of($this, $country, $this->spoken);
        $stall->phrases = null;

        return $stall;
    }

    /** The same for shoppers who read a language, where its shop speaks that anywhere. */
    public function speaking(string $language): self
    {
        if ($this->seen !== null && $this->spoken === $language) {
            return $this;
        }
        $stall = clone $this;
        $stall->spoken = $language;
        $stall->seen = ShopMarket::of($this, $this->seen()->country, $language);
        $stall->phrases = null;

        return $stall;
    }

    /** The market whose prices its shop's pages show. */
    public function seen(): ShopMarket
    {
        return $this->seen ?? ShopMarket::home($this);
    }

    /** Its seller's words in the language that its shop is seen in. */
    public function phrases(): Phrases
    {
        return $this->phrases ??= Phrases::of($this);
    }

    public function freeOver(): ?Money
    {
        return $this->moneyOrNull($this->free_over_minor);
    }

    public function flatDelivery(): Money
    {
        return $this->money($this->flat_delivery_minor);
    }

    /** @throws Refusal when the stall has no rate for that currency */
    public function rateFrom(string $currency): ExchangeRate
    {
        if ($currency === $this->currency) {
            return ExchangeRate::none($this->currencyValue());
        }
        $rate =
            $this->rates->firstWhere('from', $currency) ??
            throw new Refusal(
                sprintf(
                    'There is no exchange rate from %s to %s. Set one on the cost sheet.',
                    $currency,
                    $this->currency,
                ),
            );

        return ExchangeRate::of(
            Currency::of($currency),
            $this->currencyValue(),
            $rate->rate,
            $rate->cushion_bp,
            $rate->day,
        );
    }

    /** The home market in a sentence: "the United Kingdom". */
    public function marketName(): string
    {
        return self::countrySaid($this->home_market);
    }

    /** The market its shop is seen from, in a sentence. */
    public function seenName(): string
    {
        return Spoken::countrySaid($this->seen()->country);
    }

    /** A country in a sentence. */
    public static function countrySaid(string $code): string
    {
        return Country::said($code, self::countryName($code));
    }

    public static function countryName(string $code): string
    {
        return Countries::exists($code) ? Countries::getName($code, 'en') : $code;
    }

    /** @return list<string> the countries whose landed costs are kept, the home market first */
    public function markets(): array
    {
        return [
            $this->home_market,
            ...array_values(
                DB::table('markets')
                    ->where('stall_id', $this->id)
                    ->where('market', '!=', $this->home_market)
                    ->orderBy('market')
                    ->pluck('market')
                    ->map(strval(...))
                    ->all(),
            ),
        ];
    }

    /** @return list<string> the countries that have a price list, the home market first */
    public function soldTo(): array
    {
        $sold = DB::table('markets')->where('stall_id', $this->id)->where('sold', true)->pluck('market')->all();

        return array_values(array_filter(
            $this->markets(),
            fn (string $market): bool => $market === $this->home_market || in_array($market, $sold, true),
        ));
    }

    /** Notes that what everything costs landed there is known now. */
    public function marketsLanded(?string $only = null): void
    {
        $markets = DB::table('markets')
            ->where('stall_id', $this->id)
            ->when($only !== null, fn ($q) => $q->where('market', $only));
        $first = (clone $markets)->whereNull('landed_at')->exists();
        $markets->update(['landed_at' => now()]);
        if ($first) {
            // Its shop has a market more.
            StalePages::frame($this);
        }
    }

    /** The shop's own origin, without a slash at the end. */
    public function shopAddress(string $path = ''): string
    {
        return config('stall.scheme').
            '://'.
            $this->handle.
            '.'.
            config('stall.shops_host').
            config('stall.port_suffix').
            $path;
    }
}
