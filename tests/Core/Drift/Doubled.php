<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use WindowStall\Core\Drift\Rehearsal\Priced;
use WindowStall\Core\Drift\Rehearsal\PricesAtCosts;

/** Everything is sold at twice its cost, and has to keep 2.00. */
final class Doubled implements PricesAtCosts
{
    public function priced(array $agreed, array $now, array $byHand): array
    {
        $priced = [];
        foreach ($now as $id => $cost) {
            $price = $byHand[$id] ?? $agreed[$id] * 2;
            $priced[$id] = new Priced($price, $price - $cost, $price - $cost < 200);
        }

        return $priced;
    }
}
