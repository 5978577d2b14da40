<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

/** Who made a price. */
enum PricedBy: string
{
    case Recipe = 'recipe';
    case OwnRecipe = 'own';
    case Hand = 'hand';

    /** Another variant of the listing decides: one price for all, or for its step. */
    case Together = 'together';

    /** The home market's price, converted. */
    case Conversion = 'conversion';
}
