<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Source\OrdersUnderWay;
use WindowStall\Source\SupplierConnection;

/** Orders that a supplier has, or will be sent, and hasn't posted. */
final class SupplierOrdersUnderWay implements OrdersUnderWay
{
    public function count(SupplierConnection $connection): int
    {
        return SupplierOrder::query()
            ->where('connection_id', $connection->id)
            ->whereIn('state', [SupplierOrderState::ToSend, SupplierOrderState::Sent, SupplierOrderState::Accepted])
            ->count();
    }
}
