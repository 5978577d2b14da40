<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

/** Who pays in the end for what a shopper was given back. */
enum Bearer: string
{
    case Stall = 'stall';
    case Supplier = 'supplier';
    case Carrier = 'carrier';
}
