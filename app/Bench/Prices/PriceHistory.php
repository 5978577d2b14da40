<?php

declare(strict_types=1);

namespace WindowStall\Bench\Prices;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\WasPrice;
use WindowStall\Stall\Stall;

/** What shoppers were asked for a variant, and when. Amounts as the market showed them. */
final class PriceHistory
{
    /** The lowest price of the 30 days before the price now began; null when there was none before. */
    public static function lowest(int $variant, string $market): ?int
    {
        $history = self::of($variant, $market);
        $now = array_pop($history);

        return $now === null ? null : WasPrice::lowest($history, $now['at']);
    }

    /** Whether a price was asked at any time in the 30 days before the price now began. */
    public static function asked(int $variant, string $market, int $minor): bool
    {
        $history = self::of($variant, $market);
        $now = array_pop($history);
        foreach ($history as $n => $price) {
            if (
                $price['minor'] === $minor &&
                ($history[$n + 1]['at'] ?? ($now['at'] ?? 0)) > ($now['at'] ?? 0) - WasPrice::DAYS * 86_400
            ) {
                return true;
            }
        }

        return false;
    }

    /** Why a was-price can't stand beside a variant's price in the home market; null when it can. */
    public static function refusesWas(Stall $stall, int $variant, Money $was, ?Money $price): ?string
    {
        $market = $stall->home_market;

        return $price === null
            ? 'It has no price to stand beside.'
            : WasPrice::refusal(
                $was,
                $price,
                $market,
                $stall->moneyOrNull(self::lowest($variant, $market)),
                self::asked($variant, $market, $was->minor),
            );
    }

    /** @return list<array{at: int, minor: int}> oldest first */
    private static function of(int $variant, string $market): array
    {
        return array_values(
            DB::table('price_history')
                ->where('listing_variant_id', $variant)
                ->where('market', $market)
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (\stdClass $r): array => [
                        'at' => (int) Carbon::parse((string) $r->asked_at)->timestamp,
                        'minor' => (int) $r->price_minor,
                    ],
                )
                ->all(),
        );
    }

    /**
     * Notes that the variants of these listings are asked for from now on, at what their markets' lists say.
     *
     * @param  list<int>  $listings
     */
    public static function begin(array $listings): void
    {
        DB::table('price_history')->insertUsing(
            ['stall_id', 'listing_variant_id', 'market', 'price_minor', 'asked_at'],
            DB::table('prices as p')
                ->join('listing_variants as v', 'v.id', '=', 'p.listing_variant_id')
                ->whereIn('v.listing_id', $listings)
                ->where('v.own_on', true)
                ->whereNotNull('p.shown_minor')
                ->whereRaw(<<<'SQL'
                    p.shown_minor IS DISTINCT FROM (
                        SELECT asked.price_minor
                        FROM price_history AS asked
                        WHERE asked.listing_variant_id = p.listing_variant_id
                          AND asked.market = p.market
                        ORDER BY asked.id DESC
                        LIMIT 1
                    )
                    SQL)
                ->selectRaw('p.stall_id, p.listing_variant_id, p.market, p.shown_minor, now()'),
        );
    }
}
