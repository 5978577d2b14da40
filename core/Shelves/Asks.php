<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** What a clause is given: names to be among, an amount to lie between, days to lie within, or nothing. */
enum Asks: string
{
    case Names = 'names';
    case Span = 'span';
    case Days = 'days';
    case Nothing = 'nothing';
}
