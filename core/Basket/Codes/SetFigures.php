<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Shares;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/**
 * What one piece of each of several goods comes to, apart and together for a price, and what is kept of either: one sale by the
 * terms of the first, each landed as if it were posted by itself, so that where one supplier posts several more is kept.
 */
final readonly class SetFigures
{
    /**
     * @param  Money  $apart  what they cost one by one
     * @param  Money|null  $keep  of the set; null where it has no price or a cost isn't known
     * @param  Money|null  $keepApart  of one sale with them at their own prices
     * @param  list<int>  $under  places, in the list, of those whose share of the price falls under their floor
     */
    private function __construct(public Money $apart, public ?Money $keep, public ?Money $keepApart, public array $under)
    {
    }

    /**
     * @param  list<array{price: int, landed: int|null, floor: Floor|null, terms: SaleTerms}>  $goods  minor units
     * @param  Money|null  $price  of the set; null while it isn't said
     * @param  Money  $none  nothing, in their currency
     */
    public static function of(array $goods, ?Money $price, Money $none): self
    {
        if ($goods === []) {
            return new self($none, null, null, []);
        }
        $prices = array_column($goods, 'price');
        $apart = array_sum($prices);
        $landed = array_column($goods, 'landed');
        $known = ! in_array(null, $landed, true);
        $kept = static fn (int $paid): Money => $none->with($goods[0]['terms']->keep($paid, array_sum($landed))[0]);
        $under = [];
        foreach (Shares::of(min($price->minor ?? $apart, $apart), $prices) as $n => $share) {
            ['floor' => $floor, 'landed' => $cost, 'terms' => $terms] = $goods[$n];
            if ($floor !== null && $cost !== null && ! $floor->met($share, $cost, $terms)) {
                $under[] = $n;
            }
        }

        return new self(
            $none->with($apart),
            $known && $price !== null ? $kept($price->minor) : null,
            $known ? $kept($apart) : null,
            $under,
        );
    }
}
