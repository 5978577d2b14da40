<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\Sales;

/** What was sold, from the orders that were paid. */
final class CountedSales implements Sales
{
    private const BEST = <<<'SQL'
        SELECT variant.listing_id
        FROM orders
        JOIN order_lines AS line ON line.order_id = orders.id
        JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
        WHERE orders.stall_id = :stall
          AND orders.paid_at >= :since
        GROUP BY variant.listing_id
        ORDER BY sum(line.quantity) DESC, variant.listing_id
        LIMIT :most
        SQL;

    public function bestSelling(Stall $stall, int $most): array
    {
        $rows = DB::select(self::BEST, [
            'stall' => $stall->id,
            'since' => Carbon::now()->subDays(self::DAYS),
            'most' => $most,
        ]);

        return array_map(intval(...), array_column($rows, 'listing_id'));
    }
}
