<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

/** Why goods can't go to an address. */
enum StopKind: string
{
    /** No place of the stall's has it. */
    case NoPlace = 'no_place';

    /** The place that has it is one that nothing is sent to. */
    case NotSent = 'not_sent';

    /** A rule of the place keeps these goods back. */
    case Rule = 'rule';

    /** Their supplier doesn't send them to that country. */
    case Supplier = 'supplier';

    /** There are too few pieces where they could be sent from. */
    case Stock = 'stock';
}
