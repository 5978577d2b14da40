<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/** Something only the seller knows, which a policy can't be published without. */
enum MissingFact: string
{
    case Trader = 'trader';
    case Street = 'street';
    case Town = 'town';
    case Postcode = 'postcode';
    case Email = 'email';
    case ReturnDays = 'return_days';
    case ReturnBy = 'return_by';
    case KeepYears = 'keep_years';
}
