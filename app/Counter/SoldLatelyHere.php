<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Shelves\SoldLately;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/** What sold and when, from the orders that were paid. */
final class SoldLatelyHere implements SoldLately
{
    private const SOLD = <<<'SQL'
        SELECT COALESCE(variant.listing_id, variant.left_listing_id) AS listing,
               COALESCE(sum(line.quantity) FILTER (WHERE orders.paid_at >= :since), 0) AS pieces,
               max(orders.paid_at) AS at
        FROM orders
        JOIN order_lines AS line ON line.order_id = orders.id
        JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
        WHERE orders.stall_id = :stall
          AND orders.paid_at IS NOT NULL
          AND (:every OR COALESCE(variant.listing_id, variant.left_listing_id) = ANY (:ids::bigint[]))
        GROUP BY 1
        SQL;

    public function of(Stall $stall, ?array $listings): array
    {
        $rows = DB::select(self::SOLD, [
            'stall' => $stall->id,
            'since' => Carbon::now()->subDays(self::DAYS),
            'every' => $listings === null ? 'true' : 'false',
            'ids' => PgArray::numbers($listings ?? []),
        ]);

        return array_values(array_map(
            static fn (\stdClass $row): array => [
                'listing' => (int) $row->listing,
                'pieces' => (int) $row->pieces,
                'at' => Carbon::parse((string) $row->at),
            ],
            $rows,
        ));
    }
}
