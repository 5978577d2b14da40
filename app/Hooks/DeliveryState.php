<?php

declare(strict_types=1);

namespace WindowStall\Hooks;

/** How far a message to a program is. */
enum DeliveryState: string
{
    case Waiting = 'waiting';
    case Delivered = 'delivered';

    /** Tried often enough; a person can send it again. */
    case Failed = 'failed';
}
