<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rehearsal;

use WindowStall\Core\Drift\Rehearsal\Priced;
use WindowStall\Core\Drift\Rehearsal\PricesAtCosts;
use WindowStall\Core\Pricing\Listing\Pricer;
use WindowStall\Pricing\PriceFacts;

/** Prices a recorded listing by today's recipes, fees and rates. */
final readonly class PricesOfListing implements PricesAtCosts
{
    public function __construct(private PriceFacts $facts, private Pricer $pricer, private RecordedListing $listing)
    {
    }

    public function priced(array $agreed, array $now, array $byHand): array
    {
        $prices = [];
        foreach ($this->made($agreed, $byHand) as $id => $made) {
            if ($made->price !== null) {
                $prices[$id] = $made->price->minor;
            }
        }
        $priced = [];
        foreach ($this->made($now, $prices) as $id => $kept) {
            if (isset($prices[$id], $now[$id])) {
                $allowed = in_array($id, $this->listing->soldAtALoss, true);
                $priced[$id] = new Priced($prices[$id], $kept->keep, $kept->underFloor() && ! $allowed);
            }
        }

        return $priced;
    }

    /**
     * @param  array<string, int>  $costs
     * @param  array<string, int>  $byHand
     * @return array<string, \WindowStall\Core\Pricing\Listing\VariantPrice>
     */
    private function made(array $costs, array $byHand): array
    {
        $variants = $this->facts->at($this->listing->rows, $costs, $byHand);
        $made = [];
        foreach ($this->pricer->listing($variants, $this->listing->spread) as $n => $price) {
            $made[(string) $this->listing->rows[$n]->external_id] = $price;
        }

        return $made;
    }
}
