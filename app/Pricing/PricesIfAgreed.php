<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/** What listings would cost at home if no cost of theirs waited any more; nothing is written. */
final class PricesIfAgreed
{
    /**
     * @param  list<int>  $listings
     * @return array<int, VariantPrice> by variant
     */
    public static function of(Stall $stall, array $listings): array
    {
        if ($listings === []) {
            return [];
        }
        $sheet = CostSheet::of($stall);
        $facts = new PriceFacts($stall, $sheet, $stall->home_market, agreed: true);
        $prices = [];
        foreach ($facts->read($listings) as $listing) {
            foreach ($facts->pricer($listing['rows'])->listing($listing['variants'], $listing['spread']) as $price) {
                $prices[$price->id] = $price;
            }
        }

        return $prices;
    }
}
