<?php

declare(strict_types=1);

namespace WindowStall\Standins\Drawings;

/** How the goods are set before the light. */
enum View: string
{
    case Whole = 'whole';
    case Close = 'close';
    case Pair = 'pair';
    case Turned = 'turned';
}
