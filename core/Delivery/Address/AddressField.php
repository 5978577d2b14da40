<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Address;

/** What an address is asked for, as the letters of its form have it. */
enum AddressField: string
{
    case Name = 'N';
    case Street = 'A';
    case Town = 'C';
    case Part = 'S';
    case Postcode = 'Z';
}
