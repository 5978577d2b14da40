<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Source\SupplierConnection;

/**
 * After a pull the supplier's own count already leaves out what it was sent; only what wasn't sent yet, or is taken
 * aside, is still promised.
 */
final class RecountPromises
{
    public function __invoke(SupplierConnection $connection): void
    {
        DB::update(
            <<<'SQL'
                UPDATE supplier_variants v SET promised = COALESCE((
                    SELECT sum(l.quantity - l.withdrawn)
                    FROM order_lines l
                    JOIN orders o ON o.id = l.order_id
                    LEFT JOIN supplier_orders s ON s.id = l.supplier_order_id
                    WHERE l.supplier_variant_id = v.id
                      AND (s.state = ? OR o.reserved_until IS NOT NULL OR (l.giving IS NOT NULL AND o.paid_at IS NOT NULL))
                ), 0)
                FROM supplier_items i WHERE i.id = v.supplier_item_id AND i.connection_id = ? AND v.promised <> 0
                SQL
            ,
            [SupplierOrderState::ToSend->value, $connection->id],
        );
    }
}
