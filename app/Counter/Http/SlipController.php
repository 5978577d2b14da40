<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\Response;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\PackingSlip;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Stall\Stall;

/** The packing slip of what one supplier sends, to print or to send along. */
final class SlipController
{
    public function __invoke(Stall $stall, Order $order, SupplierOrder $supplierOrder): Response
    {
        return ShopResponse::html(
            PackingSlip::html($stall, $order, $supplierOrder->load('lines.supplierVariant')),
            private: true,
        );
    }
}
