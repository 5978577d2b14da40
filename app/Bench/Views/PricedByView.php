<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Stall\Terms\Views\RecipeFormView;

/** How a listing's prices are made: by which recipe, how they go together, and what several at once give. */
final readonly class PricedByView
{
    /**
     * @param  bool  $held  whether the recipe is its own
     * @param  string  $name  of the recipe of the first variant that is on
     * @param  list<string>  $others  names of the recipes that price others that are on
     * @param  string  $across  each, one, stepped
     * @param  string  $option  by which they step; "" where they don't
     * @param  string  $upTo  the last value of the first step
     * @param  int  $rungs  of its multi-buy ladder
     */
    public function __construct(
        public RecipeFormView $recipe,
        public bool $held,
        public string $name,
        public array $others,
        public string $across,
        public string $option,
        public string $upTo,
        public int $rungs,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $across = $f->listing->own_across;
        $priced = self::priced($f);
        $names = self::names($f, $priced);

        return new self(
            recipe: RecipeFormView::of(self::recipe($f, $priced), $f->stall->currencyValue()),
            held: $f->recipeHeld,
            name: $names[0] ?? '',
            others: array_slice($names, 1),
            across: $across['across'] ?? 'each',
            option: $across['option'] ?? '',
            upTo: (string) (array_slice($across['groups'][0] ?? [], -1)[0] ?? ''),
            rungs: count($f->listing->own_ladder ?? []),
        );
    }

    /** @return list<VariantFigures> those that are on; where none is, all */
    private static function priced(ListingFigures $f): array
    {
        $on = array_values(array_filter($f->variants, static fn (VariantFigures $v): bool => $v->on));

        return $on === [] ? $f->variants : $on;
    }

    /**
     * @param  list<VariantFigures>  $variants
     * @return list<string> of the stall's recipes that price them, each once
     */
    private static function names(ListingFigures $f, array $variants): array
    {
        $recipes = $f->stall->recipes;
        $names = array_map(
            static fn (VariantFigures $v): ?string => $recipes->firstWhere('id', $v->priced?->recipe_id)?->name,
            $variants,
        );

        return array_values(array_unique(array_filter($names)));
    }

    /**
     * What prices the first of them; where there is none, the stall's last recipe, which takes whatever is left.
     *
     * @param  list<VariantFigures>  $variants
     */
    private static function recipe(ListingFigures $f, array $variants): Recipe
    {
        return isset($variants[0])
            ? $f->recipeOf($variants[0])
            : Recipes::stored((string) json_encode($f->stall->recipes->last()?->recipe), $f->stall->currencyValue());
    }
}
