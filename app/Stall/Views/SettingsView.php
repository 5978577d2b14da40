<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use WindowStall\Stall\Stall;
use WindowStall\Stall\StallToken;

/** The stall's own facts as they stand in the form; what its sales bear is on the cost sheet. */
final readonly class SettingsView
{
    /** @param  list<TokenView>  $tokens */
    public function __construct(
        public string $name,
        public string $shopAddress,
        public string $country,
        public string $homeMarket,
        public string $currency,
        public int $promiseDays,
        public string $zone,
        public array $tokens,
        public string $apiAddress,
    ) {
    }

    public static function of(Stall $stall): self
    {
        return new self(
            name: $stall->name,
            shopAddress: $stall->shopAddress('/'),
            country: $stall->country,
            homeMarket: $stall->home_market,
            currency: $stall->currency,
            promiseDays: $stall->promise_days,
            zone: $stall->zone,
            tokens: array_values(
                $stall
                    ->tokens()
                    ->orderByDesc('id')
                    ->get()
                    ->map(
                        static fn (StallToken $t): TokenView => new TokenView(
                            id: $t->id,
                            name: $t->name,
                            made: $t->created_at?->diffForHumans() ?? '',
                            used: $t->last_used_at?->diffForHumans(),
                            decides: $t->can('decide'),
                        ),
                    )
                    ->all(),
            ),
            apiAddress: route('api.openapi'),
        );
    }
}
