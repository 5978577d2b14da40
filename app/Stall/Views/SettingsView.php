<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use Laravel\Sanctum\PersonalAccessToken;
use WindowStall\Stall\Stall;

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
        public array $tokens,
        public string $apiAddress,
    ) {
    }

    public static function of(Stall $stall): self
    {
        return new self(
            $stall->name,
            $stall->shopAddress('/'),
            $stall->country,
            $stall->home_market,
            $stall->currency,
            $stall->promise_days,
            array_values(
                $stall
                    ->tokens()
                    ->orderByDesc('id')
                    ->get()
                    ->map(
                        static fn (PersonalAccessToken $t): TokenView => new TokenView(
                            $t->id,
                            $t->name,
                            $t->created_at?->diffForHumans() ?? '',
                            $t->last_used_at?->diffForHumans(),
                            $t->can('decide'),
                        ),
                    )
                    ->all(),
            ),
            route('api.openapi'),
        );
    }
}
