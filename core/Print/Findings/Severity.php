<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

/** How much a finding matters. */
enum Severity: string
{
    /** The print house would refuse it, or it can't be read: mend it first. */
    case Stops = 'stops';
    /** It would be printed, and somebody may be disappointed. */
    case Look = 'look';
    case Fine = 'fine';
}
