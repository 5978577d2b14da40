<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

/** What a careful buyer notices about an item before taking it, the costliest mistake first. */
enum CautionKind: string
{
    case SoldOut = 'sold_out';
    case RrpUnderLanded = 'rrp_under_landed';
    case DearDelivery = 'dear_delivery';
    case NothingNear = 'nothing_near';
    case SlowerThanPromised = 'slower_than_promised';
}
