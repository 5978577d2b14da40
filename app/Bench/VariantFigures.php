<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Bench\MayBeSold;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Source\Variant;

/** Everything known and worked out about one variant of a listing. */
final readonly class VariantFigures
{
    /**
     * @param  Variant|null  $said  as its supplier says it
     * @param  array<string, string>  $options  name → value, in the seller's words where they gave any
     * @param  Money|null  $recipePrice  what the recipe makes it; null where the supplier doesn't deliver
     * @param  Money|null  $price  what is asked: the seller's own, or the recipe's; in the stall's currency
     * @param  Till|null  $till  one piece sold to the market it is seen from
     * @param  string|null  $pictureSource  the supplier's picture of this variant
     * @param  Price|null  $priced  its place in that market's price list
     * @param  Money|null  $shown  the price in that market's currency
     */
    public function __construct(
        public ListingVariant $row,
        public ?Variant $said,
        public string $label,
        public array $options,
        public bool $on,
        public ?Money $cost,
        public ?Money $landed,
        public ?Money $recipePrice,
        public ?Money $price,
        public ?Till $till,
        public int $available,
        public ?DayRange $days,
        public ?string $warehouse,
        public ?string $pictureSource,
        public ?Price $priced,
        public ?Money $shown,
    ) {
    }

    public function handPriced(): bool
    {
        return $this->row->own_price_minor !== null;
    }

    public function underFloor(): bool
    {
        return $this->priced !== null && $this->priced->underFloor();
    }

    /** Whether a shopper may be offered it, be it in stock or not. */
    public function offered(): bool
    {
        return MayBeSold::isOffered($this->on, $this->price?->minor, $this->underFloor(), $this->row->own_under_floor);
    }

    /** Whether a shopper can have it. */
    public function buyable(): bool
    {
        return MayBeSold::isBuyable($this->available, $this->offered());
    }
}
