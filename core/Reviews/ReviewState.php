<?php

declare(strict_types=1);

namespace WindowStall\Core\Reviews;

/** Whether shoppers read a review. */
enum ReviewState: string
{
    case Shown = 'shown';

    /** Something in it has to be looked at first. */
    case Held = 'held';

    /** By the stall, for a stated reason. */
    case Hidden = 'hidden';
}
