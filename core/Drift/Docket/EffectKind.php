<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

/** What is to be done because of a change. */
enum EffectKind
{
    /** A new question goes on record. */
    case Noted;

    /** What was open already reads otherwise by now. */
    case WentOn;

    /** The supplier took back what was open; nobody is asked. */
    case TakenBack;

    /** The price of a variant stands until the question is decided. */
    case PriceWaits;

    /** The price of a variant needn't wait any longer. */
    case PriceFree;

    /** It is done to the listing: a variant comes in or goes, the item is put by or taken up. */
    case CarriedOut;
}
