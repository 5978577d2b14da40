<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Guards;

/** What makes a pull suspect as a whole, so that nothing of it is used until a person has looked. */
enum Guard: string
{
    /** It brought nothing at all. */
    case Empty = 'empty';

    /** Too many of the supplier's goods aren't in it. */
    case Short = 'short';

    /** Too many variants that were in stock aren't any more. */
    case Emptied = 'emptied';

    /** Too many costs fell to half or less. */
    case Halved = 'halved';

    /** Goods are priced in another currency than before. */
    case Currency = 'currency';

    /** Costs are all about a hundred times larger or smaller: a decimal sign went astray. */
    case Hundredfold = 'hundredfold';

    /** Barcodes stand at other goods than before: rows or columns slipped. */
    case Barcodes = 'barcodes';
}
