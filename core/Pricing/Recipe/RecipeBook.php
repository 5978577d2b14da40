<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

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
}
