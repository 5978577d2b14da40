<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

/** How a carrier brings a parcel. */
enum CarrierService: string
{
    case Plain = 'plain';
    case Quick = 'quick';
}
