<?php

declare(strict_types=1);

namespace WindowStall\Drift\Deciding;

use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;

/** What a pull that was set aside would have ended, had it been used. */
final readonly class SetAsideEffect
{
    private const COUNT = <<<'SQL'
        SELECT count(DISTINCT listing.id) FILTER (WHERE listing.state = 'in_window') AS shown,
               count(DISTINCT listing.id) FILTER (WHERE open.listing_id IS NOT NULL) AS ordered
        FROM listings AS listing
        JOIN supplier_items AS item ON item.id = listing.supplier_item_id
        LEFT JOIN (
            SELECT DISTINCT COALESCE(variant.listing_id, variant.left_listing_id) AS listing_id
            FROM order_lines AS line
            JOIN orders AS placed ON placed.id = line.order_id AND placed.state = 'paid'
            JOIN supplier_orders AS sent ON sent.id = line.supplier_order_id AND sent.state <> 'posted'
            JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
        ) AS open ON open.listing_id = listing.id
        WHERE item.connection_id = ?
          AND item.gone_at IS NULL
          AND listing.deleted_at IS NULL
          AND NOT EXISTS (
              SELECT 1 FROM set_aside_items AS aside
              WHERE aside.run_id = ? AND aside.external_id = item.external_id
          )
        SQL;

    private function __construct(public int $leaving, public int $ordered)
    {
    }

    public static function of(Run $run): self
    {
        $row = DB::selectOne(self::COUNT, [$run->connection_id, $run->id]);

        return new self((int) $row->shown, (int) $row->ordered);
    }

    public function words(): string
    {
        $left = match ($this->leaving) {
            0 => 'No listing would have left the window',
            1 => 'One listing would have left the window',
            default => sprintf('%d listings would have left the window', $this->leaving),
        };

        return $left.match ($this->ordered) {
            0 => '.',
            1 => '; on one listing orders are open.',
            default => sprintf('; on %d listings orders are open.', $this->ordered),
        };
    }
}
