<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Stall\Stall;

/** What of one order needs a person, on its own page: what its suppliers refused. Returns and parcels stand there themselves. */
final class OrderNeeds
{
    /** @return list<NeedView> */
    public static function of(Stall $stall, Order $order): array
    {
        $rows = $order->supplierOrders->filter(static fn (SupplierOrder $row): bool => in_array(
            $row->state,
            [SupplierOrderState::Refused, SupplierOrderState::Withdrawn],
            true,
        ) && $row->lines->contains(static fn (OrderLine $line): bool => $line->toSend() > 0));

        return array_values($rows
            ->map(static fn (SupplierOrder $row): NeedView => RefusedNeeds::view($stall, $row->setRelation('order', $order)))
            ->all());
    }
}
