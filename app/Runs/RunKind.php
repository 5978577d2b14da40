<?php

declare(strict_types=1);

namespace WindowStall\Runs;

/** What a run does. */
enum RunKind: string
{
    /** Reads a supplier's whole catalogue. */
    case Pull = 'pull';

    /** Reads the first rows of a supplier's file. */
    case Look = 'look';

    /** Works out what everything costs landed in a market that is looked at for the first time. */
    case Land = 'land';

    /** Puts many listings in the window. */
    case Place = 'place';

    /** Makes the price lists anew. */
    case Price = 'price';

    /** Brings listings in from a file. */
    case Import = 'import';

    /** Takes a step back that touched many listings. */
    case Undo = 'undo';

    /** Edits so many listings that nobody waits for it. */
    case Edit = 'edit';

    /** Plays what suppliers changed again, under other rules. */
    case Rehearse = 'rehearse';

    /** Lays many artworks on many blanks, and makes goods of them. */
    case Prints = 'prints';

    /** Lays out a first shop from a sentence. */
    case FirstShop = 'first_shop';
}
