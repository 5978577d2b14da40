<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Brick\Math\RoundingMode;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;

/**
 * The market whose prices a shop shows: the home market, or another that is sold and sent to. Its pages stand below its
 * prefix; what is kept in the stall's currency is shown in the market's.
 */
final readonly class ShopMarket
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  string  $prefix  what its addresses begin with: "/ie", or "/ie-de" in another language than its first; "" at
     *                          home in the first
     * @param  string  $language  of its pages, ISO 639-1
     * @param  ExchangeRate|null  $shown  from the stall's currency; null where the market has the same
     */
    private function __construct(
        public string $country,
        public Currency $currency,
        public string $prefix,
        public string $language,
        private bool $home,
        private ?ExchangeRate $shown,
        private ?ExchangeRate $back,
    ) {
    }

    public static function home(Stall $stall): self
    {
        return self::there($stall, $stall->home_market);
    }

    /**
     * The one whose prices count for a country: its own where it is a market of the shop, else the home market.
     *
     * @param  string|null  $language  that is asked for; the market's first where the shop doesn't speak it
     */
    public static function of(Stall $stall, string $country, ?string $language = null): self
    {
        // Which countries are its markets isn't read for those at home.
        $home = $country === $stall->home_market || ! in_array($country, self::abroad($stall), true);

        return self::there(
            $stall,
            $home ? $stall->home_market : $country,
            in_array($language, self::spoken($stall), true) ? $language : null,
        );
    }

    /** @return list<self> the shop's markets in each of their languages, the home market first */
    public static function all(Stall $stall): array
    {
        $all = [];
        foreach ([$stall->home_market, ...self::abroad($stall)] as $country) {
            foreach (self::languages($stall, $country) as $language) {
                $all[] = self::there($stall, $country, $language);
            }
        }

        return $all;
    }

    /** @return non-empty-list<string> that the pages of a market are there in, the one first that they have by themselves */
    public static function languages(Stall $stall, string $country): array
    {
        $languages = array_values($stall->languageRows->where('market', $country)->pluck('language')->map(strval(...))->all());

        return $languages === [] ? [$stall->language] : $languages;
    }

    /** @return list<string> every language of the shop, its seller's first */
    public static function spoken(Stall $stall): array
    {
        return array_values(array_unique([
            $stall->language,
            ...$stall->languageRows->pluck('language')->map(strval(...))->all(),
        ]));
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

    private static function there(Stall $stall, string $country, ?string $language = null): self
    {
        $languages = self::languages($stall, $country);
        $home = $country === $stall->home_market;
        $prefix = match (true) {
            // Only a market's own languages have addresses there.
            $language !== null && in_array($language, array_slice($languages, 1), true) => '/'.strtolower($country).'-'.$language,
            default => $home ? '' : '/'.strtolower($country),
        };
        if ($home) {
            return new self($country, $stall->currencyValue(), $prefix, $language ?? $languages[0], true, null, null);
        }
        $sheet = CostSheet::of($stall);
        $rate = $sheet->shownRate($country);
        $currency = $sheet->currency($country);

        return new self(
            $country,
            $currency,
            $prefix,
            $language ?? $languages[0],
            false,
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
        return $this->home;
    }

    /** As RFC 5646 has it, "en-IE". */
    public function hreflang(): string
    {
        return $this->language.'-'.$this->country;
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

    /** "See prices for Ireland, EUR", to who reads its language. */
    public function offer(): string
    {
        return Speech::in(
            $this->language,
            fn (): string => Speech::say('shop.markets.offer', market: $this->words($this->language)),
        );
    }

    /** Said to them beside it. */
    public function stay(): string
    {
        return Speech::in($this->language, static fn (): string => Speech::say('shop.markets.stay'));
    }

    /** "Ireland, EUR"; "Irland, EUR, Deutsch" for whoever reads another language just now. */
    public function words(string $reading): string
    {
        $words = Countries::getName($this->country, $this->language).', '.$this->currency->code;

        return $this->language === $reading ? $words : $words.', '.Speech::LANGUAGES[$this->language];
    }
}
