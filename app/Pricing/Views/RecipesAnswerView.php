<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Pricing\PricingChange;
use WindowStall\Runs\Run;
use WindowStall\Stall\Stall;

/** The recipes as they stand, and the step that changed them. */
final readonly class RecipesAnswerView
{
    /**
     * @param  list<RecipeRowView>  $recipes
     * @param  int|null  $run  which prices every variant, where there are many
     */
    public function __construct(public array $recipes, public int $change, public string $words, public ?int $run)
    {
    }

    public static function of(Stall $stall, PricingChange $change, ?Run $run): self
    {
        return new self(
            recipes: RecipeRowView::list($stall),
            change: $change->id,
            words: $change->words,
            run: $run?->id,
        );
    }
}
