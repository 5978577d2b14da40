<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Brick\Math\RoundingMode;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Stall\Stall;

/**
 * The market whose prices a shop shows: the home market, or another that is sold and sent to. Its pages stand below its
 * prefix; what is kept in the stall's currency is shown in the market's.
 */
final readonly class ShopMarket
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  string  $prefix  what its addresses begin with, "/ie"; "" at home
     * @param  ExchangeRate|null  $shown  from the stall's currency; null where the market has the same
     */
    private function __construct(
        public string $country,
        public Currency $currency,
        public string $prefix,
        private ?ExchangeRate $shown,
        private ?ExchangeRate $back,
    ) {
    }

    public static function home(Stall $stall): self
    {
        return new self($stall->home_market, $stall->currencyValue(), '', null, null);
    }

    /** The one whose prices count for a country: its own where it is a market of the shop, else the home market. */
    public static function of(Stall $stall, string $country): self
    {
        return in_array($country, self::abroad($stall), true) ? self::there($stall, $country) : self::home($stall);
    }

    /** @return list<self> the shop's markets, the home market first */
    public static function all(Stall $stall): array
    {
        return [
            self::home($stall),
            ...array_map(static fn (string $country): self => self::there($stall, $country), self::abroad($stall)),
        ];
    }

    /** @return list<string> countries besides home that have a price list and that something is sent to */
    public static function abroad(Stall $stall): array
    {
        // Until it is known what everything costs there, nothing has a price.
        $sold = array_intersect(
            array_slice($stall->soldTo(), 1),
            $stall->marketRows->whereNotNull('landed_at')->pluck('market')->all(),
        );
        if ($sold === []) {
            return [];
        }
        $sheet = CostSheet::of($stall);

        return array_values(array_filter(
            array_intersect($sold, Places::countries($stall)),
            static fn (string $country): bool => self::hasRate($sheet, $country),
        ));
    }

    private static function there(Stall $stall, string $country): self
    {
        $sheet = CostSheet::of($stall);
        $rate = $sheet->shownRate($country);
        $currency = $sheet->currency($country);

        return new self(
            $country,
            $currency,
            '/'.strtolower($country),
            $rate === null ? null : $sheet->shownBy($country, $rate),
            $rate === null ? null : $sheet->shownLike($currency->code),
        );
    }

    /** A price in a currency that the stall has no rate for can't be charged. */
    private static function hasRate(CostSheet $sheet, string $country): bool
    {
        try {
            $sheet->shownRate($country);
        } catch (RateMissing) {
            return false;
        }

        return true;
    }

    public function isHome(): bool
    {
        return $this->prefix === '';
    }

    /** Where a page of the shop stands in this market: "/goods/trowel" is "/ie/goods/trowel", the front page "/ie". */
    public function path(string $path): string
    {
        return $this->prefix === '' ? $path : $this->prefix.($path === '/' ? '' : $path);
    }

    /** @param  int  $minor  of the market's currency */
    public function money(int $minor): Money
    {
        return new Money($minor, $this->currency);
    }

    /** An amount in the stall's currency as it is shown there, rounded half up. */
    public function show(Money $home): Money
    {
        return match (true) {
            $this->shown === null => $home,
            $home->minor < 0 => $this->money(-$this->shown->convert($home->with(-$home->minor))->minor),
            default => $this->shown->convert($home),
        };
    }

    /** The least amount there that is worth that much at home. */
    public function atLeast(Money $home): Money
    {
        $there = $this->show($home);

        return $this->worth($there)->minor < $home->minor ? $there->with($there->minor + 1) : $there;
    }

    /** What an amount of the market's is worth in the stall's currency, rounded half up. */
    public function worth(Money $shown): Money
    {
        return $this->back === null ? $shown : $this->back->convert($shown);
    }

    /** What one unit of its currency is worth in the stall's, as a decimal. */
    public function rate(): string
    {
        return $this->back === null ? '1' : (string) $this->back->rate->toScale(10, RoundingMode::HALF_UP);
    }

    /** "Ireland, EUR" */
    public function words(): string
    {
        return Stall::countryName($this->country).', '.$this->currency->code;
    }
}
