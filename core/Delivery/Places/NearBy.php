<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** What a place has an address by. */
enum NearBy: string
{
    case Postcode = 'postcode';
    case Part = 'part';
    case AllBut = 'all_but';
    case Country = 'country';
    case Anywhere = 'anywhere';
}
