<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;

/** A variant's price in a market, with what one sale of it costs and keeps. */
final readonly class VariantPrice
{
    /**
     * @param  int  $id  the variant’s number
     * @param  int|null  $marginBp  in basis points
     * @param  Landed|null  $landed  at the rates of the day; null where it isn't delivered
     * @param  Money|null  $price  in the stall's currency: what the shopper pays, at the rates of the day
     * @param  Money|null  $shown  the same as the market shows it, in its currency
     * @param  Money|null  $recipePrice  what its recipe makes, whoever prices it
     * @param  int|null  $keep  minor units
     * @param  int|null  $least  what the floor asks to keep of a sale at this price; null without a floor
     * @param  int  $recipe  the recipe that counts for it; 0 for its own
     */
    public function __construct(
        public int $id,
        public ?Landed $landed,
        public ?Money $price,
        public ?Money $shown,
        public ?Money $recipePrice,
        public PricedBy $by,
        public int $recipe,
        public ?int $keep,
        public ?int $marginBp,
        public ?int $least,
        public bool $floorOverCap,
    ) {
    }

    public function underFloor(): bool
    {
        return $this->keep !== null && $this->keep < ($this->least ?? 0);
    }

    public function once(): PricedOnce
    {
        return new PricedOnce(
            $this->price?->minor,
            $this->keep,
            $this->marginBp,
            $this->underFloor(),
            $this->by === PricedBy::Recipe ? $this->recipe : 0,
            $this->landed?->goods->minor,
        );
    }
}
