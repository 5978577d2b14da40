<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

/** What a careful buyer notices about an item before taking it. */
enum CautionKind: string
{
    case DearDelivery = 'dear_delivery';
    case NothingNear = 'nothing_near';
    case RrpUnderLanded = 'rrp_under_landed';
    case SoldOut = 'sold_out';
    case SlowerThanPromised = 'slower_than_promised';
}
