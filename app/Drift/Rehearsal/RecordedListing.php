<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rehearsal;

use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Source\Item;

/**
 * What is on record of one listing: its supplier's words, version by version, what was bought, and what is the
 * seller's.
 */
final readonly class RecordedListing
{
    /**
     * @param  array<string, mixed>  $own  its own rules
     * @param  array<string, int|null>  $prices  by hand, by variant; null where a recipe makes it
     * @param  list<array{string, Item}>  $versions  when it was said, and what; the first before the rehearsal begins
     * @param  list<array{at: string, variant: string, pieces: int, price: int}>  $bought  paid for at home, in order
     * @param  list<string>  $soldAtALoss  variants that are sold under their floor knowingly
     * @param  list<\stdClass>  $rows  what its prices are made from
     */
    public function __construct(
        public int $id,
        public int $connection,
        public array $own,
        public Own $said,
        public array $prices,
        public array $versions,
        public array $bought,
        public array $soldAtALoss,
        public array $rows,
        public PriceSpread $spread,
    ) {
    }
}
