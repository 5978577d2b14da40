<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Delivery\Places\Place;

/** A place with the ways that goods go there, and the goods that have terms of their own. */
final readonly class PlaceTerms
{
    /**
     * @param  list<Way>  $ways  in the seller's order; none where nothing is sent there
     * @param  list<GoodsRule>  $rules
     */
    public function __construct(public Place $place, public array $ways, public array $rules = [])
    {
    }
}
