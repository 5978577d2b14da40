<?php

declare(strict_types=1);

namespace WindowStall\Counter\Additions;

use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\SupplierOrder;

/** The order at a supplier in whose parcel another one goes along. */
final class EarlierOrder
{
    /**
     * @param  SupplierOrder  $row  with its order
     * @return string|null as the supplier calls it; null where there is none, or it went already
     */
    public static function of(SupplierOrder $row): ?string
    {
        $joins = $row->order?->joins_order_id;

        return $joins === null ? null : SupplierOrder::query()
            ->where('order_id', $joins)
            ->where('connection_id', $row->connection_id)
            ->whereIn('state', [SupplierOrderState::Sent, SupplierOrderState::Accepted])
            ->whereNotNull('external_id')
            ->orderByDesc('id')
            ->first()
            ?->external_id;
    }
}
