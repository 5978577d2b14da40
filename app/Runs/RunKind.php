<?php

declare(strict_types=1);

namespace WindowStall\Runs;

/** What a run does. */
enum RunKind: string
{
    /** Reads a supplier's whole catalogue. */
    case Pull = 'pull';

    /** Works out what everything costs landed in a market that is looked at for the first time. */
    case Land = 'land';

    /** Puts many listings in the window. */
    case Place = 'place';

    /** Makes the price lists anew. */
    case Price = 'price';
}
