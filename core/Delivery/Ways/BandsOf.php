<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

/** What bands of a charge are marked by. */
enum BandsOf: string
{
    case Weight = 'weight';
    case Value = 'value';
}
