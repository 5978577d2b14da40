<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use Laravel\Sanctum\PersonalAccessToken;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\Percent;

/** The stall's terms as they stand in the form. */
final readonly class SettingsView
{
    /** @param  list<TokenView>  $tokens */
    public function __construct(
        public string $name,
        public string $shopAddress,
        public string $country,
        public string $homeMarket,
        public string $currency,
        public string $vat,
        public string $flatDelivery,
        public string $paymentFee,
        public string $paymentFeeFixed,
        public string $recipeFactor,
        public int $recipeEnding,
        public ?string $usdRate,
        public ?string $usdRateDay,
        public int $promiseDays,
        public array $tokens,
        public string $apiAddress,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $usd = $stall->rates->firstWhere('from', 'USD');

        return new self(
            $stall->name, $stall->shopAddress('/'), $stall->country, $stall->home_market, $stall->currency,
            Percent::digits($stall->vat_bp), $stall->flatDelivery()->digits(), Percent::digits($stall->payment_fee_bp),
            $stall->money($stall->payment_fee_fixed_minor)->digits(), self::factor($stall->recipe_factor_bp), $stall->recipe_ending_minor,
            $usd === null ? null : rtrim(rtrim($usd->rate, '0'), '.'), $usd?->day, $stall->promise_days,
            array_values($stall->tokens()->orderByDesc('id')->get()->map(static fn (PersonalAccessToken $t): TokenView => new TokenView($t->id, $t->name, $t->created_at?->diffForHumans() ?? '', $t->last_used_at?->diffForHumans()))->all()),
            route('api.openapi'),
        );
    }

    public static function factor(int $bp): string
    {
        return rtrim(rtrim(sprintf('%d.%04d', intdiv($bp, 10_000), $bp % 10_000), '0'), '.');
    }
}
