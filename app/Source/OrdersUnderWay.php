<?php

declare(strict_types=1);

namespace WindowStall\Source;

/** Orders that a supplier hasn't posted yet; whoever sends orders says so. */
interface OrdersUnderWay
{
    public function count(SupplierConnection $connection): int;
}
