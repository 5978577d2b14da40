<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

/** Which of its supplier's methods a parcel goes by. */
enum MethodPreference: string
{
    case Cheapest = 'cheapest';
    case Quickest = 'quickest';
}
