<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

/** How a rung of a ladder says its price. */
enum RungKind: string
{
    /** So many percent off each piece. */
    case Percent = 'percent';

    /** An amount off each piece. */
    case Amount = 'amount';

    /** A price for all the pieces together. */
    case Total = 'total';
}
