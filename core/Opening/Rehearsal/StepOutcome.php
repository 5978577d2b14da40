<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

/** How a step of a rehearsal went. */
enum StepOutcome: string
{
    case Fine = 'fine';
    case Broken = 'broken';
    /** Somebody has no way to try it. */
    case Untested = 'untested';
}
