<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Asking;

/** Whether an offer of a supplier can be taken. */
enum OfferState: string
{
    case Open = 'open';
    case Taken = 'taken';
    case Withdrawn = 'withdrawn';
}
