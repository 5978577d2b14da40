<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Rehearsal;

/** Makes a listing's prices at home at whatever its variants cost. */
interface PricesAtCosts
{
    /**
     * All by the supplier's id of the variant, in minor units.
     *
     * @param  array<string, int>  $agreed  the costs that prices are made from
     * @param  array<string, int>  $now  the costs as they are
     * @param  array<string, int>  $byHand  prices by hand
     * @return array<string, Priced> of those that have a cost and can be delivered
     */
    public function priced(array $agreed, array $now, array $byHand): array;
}
