<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** One listing as rules of shelves see it. */
final readonly class Goods
{
    /**
     * @param  list<string>  $tags
     * @param  list<string>  $suppliers  by their keys
     * @param  int|null  $price  the least that is asked, in minor units; null where nothing is
     * @param  int|null  $keep  what the variant that keeps least keeps, in minor units
     * @param  int|null  $marginBp  of the variant with the least margin, in basis points
     * @param  int  $stock  pieces of all that is on offer
     * @param  int|null  $newDays  whole days since it was first in the window
     * @param  int|null  $soldDays  whole days since it last sold
     * @param  list<string>  $options  as shoppers read them: "Colour: Red"
     * @param  list<string>  $postedFrom  ISO 3166 countries
     * @param  int|null  $days  at the latest, of what is there soonest
     */
    public function __construct(
        public array $tags = [],
        public string $type = '',
        public array $suppliers = [],
        public ?int $price = null,
        public ?int $keep = null,
        public ?int $marginBp = null,
        public int $stock = 0,
        public bool $buyable = false,
        public ?int $newDays = null,
        public ?int $soldDays = null,
        public array $options = [],
        public bool $printed = false,
        public array $postedFrom = [],
        public ?int $days = null,
        public bool $was = false,
    ) {
    }
}
