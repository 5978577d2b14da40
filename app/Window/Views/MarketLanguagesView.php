<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;

/** What the shop speaks in one of its markets. */
final readonly class MarketLanguagesView
{
    /**
     * @param  string  $market  ISO 3166-1
     * @param  list<string>  $languages  the one first that its pages have by themselves
     * @param  list<string>  $addresses  where each is read, in the same order
     */
    public function __construct(public string $market, public string $name, public array $languages, public array $addresses)
    {
    }

    public static function of(Stall $stall, string $country): self
    {
        $languages = ShopMarket::languages($stall, $country);

        return new self(
            market: $country,
            name: Stall::countrySaid($country),
            languages: $languages,
            addresses: array_map(
                static fn (string $language): string => $stall->shopAddress(ShopMarket::of($stall, $country, $language)->path('/')),
                $languages,
            ),
        );
    }
}
