<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use Symfony\Component\Intl\Languages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Languages\PhrasesInUse;

/** The languages a shop speaks, market by market, and what is still to be said in each. */
final readonly class LanguagesView
{
    /**
     * @param  string  $own  that the seller writes in
     * @param  array<string, string>  $known  languages the program's own words are there in → their English names
     * @param  list<MarketLanguagesView>  $markets
     * @param  list<SpokenLanguageView>  $spoken  those besides the seller's
     */
    public function __construct(public string $own, public array $known, public array $markets, public array $spoken)
    {
    }

    public static function of(Stall $stall): self
    {
        $known = [];
        foreach (array_keys(Speech::LANGUAGES) as $language) {
            $known[$language] = Languages::getName($language, 'en');
        }
        $use = PhrasesInUse::of($stall);

        return new self(
            own: $stall->language,
            known: $known,
            markets: array_map(
                static fn (string $country): MarketLanguagesView => MarketLanguagesView::of($stall, $country),
                [$stall->home_market, ...ShopMarket::abroad($stall)],
            ),
            spoken: array_map(
                static fn (string $language): SpokenLanguageView => SpokenLanguageView::of($use, $language, $known[$language]),
                array_values(array_diff(ShopMarket::spoken($stall), [$stall->language])),
            ),
        );
    }
}
