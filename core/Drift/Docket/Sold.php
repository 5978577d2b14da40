<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

/** A variant that a listing sells, as far as changes of its supplier concern it. */
final class Sold
{
    /**
     * @param  int|string  $key  the caller's own name for it
     * @param  int  $item  the supplier item it is of, by the caller's name
     * @param  string  $code  the supplier's id of the variant
     * @param  bool  $byHand  whether its price is the seller's own
     * @param  bool  $waits  whether a price stands while something about it waits
     * @param  bool  $priced  whether it has a price that could stand
     */
    public function __construct(
        public readonly int|string $key,
        public readonly int $item,
        public string $code,
        public bool $byHand = false,
        public bool $waits = false,
        public bool $priced = true,
    ) {
    }
}
