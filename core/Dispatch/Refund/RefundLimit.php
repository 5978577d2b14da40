<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

/** Why something can't be given back. */
enum RefundLimit: string
{
    case Pieces = 'pieces';
    case Delivery = 'delivery';
    case Amount = 'amount';
    case Nothing = 'nothing';
}
