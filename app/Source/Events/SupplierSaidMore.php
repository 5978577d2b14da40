<?php

declare(strict_types=1);

namespace WindowStall\Source\Events;

use WindowStall\Runs\Run;
use WindowStall\Source\SupplierConnection;

/** What a supplier says has been stored and landed: whoever lives by it brings itself up to date. */
final readonly class SupplierSaidMore
{
    /**
     * @param  Run|null  $run  the pull that brought it
     * @param  string|null  $item  the supplier's id, where it was about one item only
     * @param  bool  $landedAnew  whether delivery, duty or rates moved, so that all its goods cost something else
     *     landed
     * @param  array<int, int>  $deliveryWas  where they were landed anew: the supplier's variant, of those that are
     *     sold → what delivery of one piece home cost before, in minor units of its currency
     */
    public function __construct(
        public SupplierConnection $connection,
        public ?Run $run = null,
        public ?string $item = null,
        public bool $landedAnew = false,
        public array $deliveryWas = [],
    ) {
    }
}
