<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\Places\NearestPlace;
use WindowStall\Core\Delivery\Ways\PlaceTerms;

/** How a basket goes to an address, or why it doesn't and what of it would. */
final readonly class Resolution
{
    /**
     * @param  list<Stop>  $stops  none where it can go
     * @param  list<WayQuote>  $ways  in the seller's order; none where it can't go
     * @param  self|null  $without  the same for what is left when the goods that can't go are taken out; null where
     *     nothing stops, or nothing is left
     * @param  list<int>  $lines  which goods of the basket it is about
     */
    public function __construct(
        public ?NearestPlace $nearest,
        public ?PlaceTerms $terms,
        public array $stops,
        public array $ways,
        public ?self $without,
        public array $lines,
    ) {
    }

    /** The way that was asked for, or the first there is. */
    public function way(?int $at): ?WayQuote
    {
        foreach ($this->ways as $way) {
            if ($way->at === $at) {
                return $way;
            }
        }

        return $this->ways[0] ?? null;
    }
}
