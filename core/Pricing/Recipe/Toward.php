<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

/** Which way an ending moves a computed price. */
enum Toward: string
{
    case Up = 'up';
    case Nearest = 'nearest';
}
