<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Stall\Stall;

/** What a stall sold lately, for advice that rests on it. */
final class RecentSales
{
    public const DAYS = 30;

    /** @return array<int, int> listing variant → pieces paid for in the last {@see DAYS} days */
    public static function pieces(Stall $stall): array
    {
        return DB::table('order_lines as l')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->where('o.stall_id', $stall->id)
            ->where('o.state', OrderState::Paid->value)
            ->where('o.paid_at', '>=', now()->subDays(self::DAYS))
            ->whereNotNull('l.listing_variant_id')
            ->groupBy('l.listing_variant_id')
            ->selectRaw('l.listing_variant_id AS id, sum(l.quantity) AS pieces')
            ->pluck('pieces', 'id')
            ->map(intval(...))
            ->all();
    }

    /**
     * Baskets paid for in the last 90 days, with what their goods cost landed at today's price list.
     *
     * @return list<array{goods: int, landed: int}>
     */
    public static function baskets(Stall $stall): array
    {
        $rows = DB::table('orders as o')
            ->join('order_lines as l', 'l.order_id', '=', 'o.id')
            ->leftJoin(
                'prices as p',
                fn ($j) => $j
                    ->on('p.listing_variant_id', '=', 'l.listing_variant_id')
                    ->where('p.market', $stall->home_market),
            )
            ->where('o.stall_id', $stall->id)
            ->where('o.state', OrderState::Paid->value)
            ->where('o.paid_at', '>=', now()->subDays(90))
            ->groupBy('o.id', 'o.goods_minor')
            ->selectRaw('o.goods_minor AS goods, sum(l.quantity * coalesce(p.landed_minor, 0)) AS landed')
            ->orderByDesc('o.id')
            ->limit(10_000)
            ->get();

        return array_values(
            $rows
                ->map(static fn (\stdClass $r): array => ['goods' => (int) $r->goods, 'landed' => (int) $r->landed])
                ->all(),
        );
    }

    /**
     * Of 10,000 buyers of a listing, how many take at least so many pieces of a variant; null without any orders to
     * tell.
     *
     * @return array<int, int>|null pieces → buyers
     */
    public static function quantities(Stall $stall, int $listing): ?array
    {
        $counts = self::orders($stall, $listing);
        $all = array_sum($counts);
        if ($all === 0) {
            return null;
        }
        $share = [];
        for ($pieces = 1; $pieces <= 99; $pieces++) {
            $share[$pieces] = intdiv(
                10_000 *
                    array_sum(array_filter($counts, static fn (int $k): bool => $k >= $pieces, ARRAY_FILTER_USE_KEY)),
                $all,
            );
        }

        return $share;
    }

    /** @return array<int, int> pieces of one variant of a listing → in how many orders so many were bought */
    public static function orders(Stall $stall, int $listing): array
    {
        return DB::table('order_lines as l')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->join('listing_variants as v', 'v.id', '=', 'l.listing_variant_id')
            ->where('o.stall_id', $stall->id)
            ->where('o.state', OrderState::Paid->value)
            ->whereRaw('COALESCE(v.listing_id, v.left_listing_id) = ?', [$listing])
            ->groupBy('l.quantity')
            ->selectRaw('l.quantity AS pieces, count(*) AS n')
            ->pluck('n', 'pieces')
            ->map(intval(...))
            ->all();
    }
}
