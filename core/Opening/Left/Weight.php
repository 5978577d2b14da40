<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left;

/** How much something that is left weighs. */
enum Weight: string
{
    /** Shoppers could not buy, or would be told what isn't so. */
    case Stops = 'stops';

    /** It would be a pity. */
    case Pity = 'pity';
}
