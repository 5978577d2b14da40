<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

/** What is looked for while artwork is laid on a blank. */
enum FindingKind: string
{
    case Density = 'density';
    case OutsideArea = 'outside_area';
    case OutsideSafe = 'outside_safe';
    case Line = 'line';
    case Threads = 'threads';
    case Told = 'told';
    case Soft = 'soft';
    case Bleed = 'bleed';
    case Reach = 'reach';
}
