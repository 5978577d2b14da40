<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Stall\Terms\Views\RecipeFormView;

/** How a listing's prices are made: by which recipe, how they go together, and what several at once give. */
final readonly class PricedByView
{
    /**
     * @param  bool  $held  whether the recipe is its own
     * @param  string  $name  the recipe's
     * @param  string  $across  each, one, stepped
     * @param  string  $option  by which they step; "" where they don't
     * @param  string  $upTo  the last value of the first step
     * @param  int  $rungs  of its multi-buy ladder
     */
    public function __construct(
        public RecipeFormView $recipe,
        public bool $held,
        public string $name,
        public string $across,
        public string $option,
        public string $upTo,
        public int $rungs,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $across = $f->listing->own_across;
        $first = $f->variants[0] ?? null;

        return new self(
            recipe: RecipeFormView::of(self::recipe($f), $f->stall->currencyValue()),
            held: $f->recipeHeld,
            name: (string) $f->stall->recipes->firstWhere('id', $first?->priced->recipe_id ?? 0)?->name,
            across: $across['across'] ?? 'each',
            option: $across['option'] ?? '',
            upTo: (string) (array_slice($across['groups'][0] ?? [], -1)[0] ?? ''),
            rungs: count($f->listing->own_ladder ?? []),
        );
    }

    /** What prices its first variant; where it has none, the stall's last recipe, which takes whatever is left. */
    private static function recipe(ListingFigures $f): Recipe
    {
        return isset($f->variants[0])
            ? $f->recipeOf($f->variants[0])
            : Recipes::stored((string) json_encode($f->stall->recipes->last()?->recipe), $f->stall->currencyValue());
    }
}
