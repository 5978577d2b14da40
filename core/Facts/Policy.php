<?php

declare(strict_types=1);

namespace WindowStall\Core\Facts;

/** What becomes of a fact the seller hasn't spoken about when the supplier changes it. */
enum Policy
{
    /** The supplier's new word is shown at once: stock, and everything the seller lets follow. */
    case Flows;

    /** The last agreed word stands until the seller agrees: a variant that appears or vanishes. */
    case Waits;
}
