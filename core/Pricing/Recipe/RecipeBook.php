<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** A stall's recipes in the order of their precedence: the first whose conditions hold makes the price. */
final readonly class RecipeBook
{
    /** @param  non-empty-list<RuledRecipe>  $recipes  the last without conditions, so that everything gets a price */
    public function __construct(public array $recipes)
    {
        if (! $recipes[count($recipes) - 1]->when->none()) {
            throw new RecipeUnreadable('The last recipe has no conditions: it prices whatever none before it does.');
        }
    }

    public function for(PricedGoods $goods): RuledRecipe
    {
        foreach ($this->recipes as $recipe) {
            if ($recipe->when->hold($goods)) {
                return $recipe;
            }
        }

        return $recipe;
    }

    /**
     * How far prices lie apart between goods of a cost and the same goods a minor unit dearer.
     *
     * @param  int  $at  the lower cost, in minor units of the stall's currency
     * @param  PricedGoods  $like  what the goods are like otherwise
     * @param  Landed  $sent  what else it costs to have such goods there
     * @return Border|null null where one recipe prices both, or one of them makes no price
     */
    public function border(int $at, PricedGoods $like, Landed $sent, SaleTerms $terms): ?Border
    {
        $lower = $this->for($like->costing($at));
        $upper = $this->for($like->costing($at + 1));
        if ($lower->id === $upper->id) {
            return null;
        }
        $price = static fn (RuledRecipe $by, int $cost): ?Money => $by->recipe->decide(
            Landed::of($sent->goods->with($cost), $sent->delivery, $sent->duty, $sent->handling),
            $terms,
        )->price;
        $below = $price($lower, $at);
        $above = $price($upper, $at + 1);

        return $below === null || $above === null
            ? null
            : new Border($sent->goods->with($at), $lower, $upper, $below, $above);
    }
}
