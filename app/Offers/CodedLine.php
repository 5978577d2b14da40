<?php

declare(strict_types=1);

namespace WindowStall\Offers;

/** A line of a basket as far as codes go by it. */
final readonly class CodedLine
{
    /**
     * @param  int  $key  the listing's variant
     * @param  list<string>  $tags
     * @param  int  $total  minor units of the currency of the market the stall is seen from
     * @param  int  $floor  below what it may not be brought, unless the seller allows it
     */
    public function __construct(
        public int $key,
        public int $listing,
        public array $tags,
        public int $pieces,
        public int $total,
        public int $floor,
    ) {
    }
}
