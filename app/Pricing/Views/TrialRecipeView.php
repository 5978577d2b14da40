<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Stall\Terms\Views\RecipeFormView;

/** A recipe as a trial would have it. */
final readonly class TrialRecipeView
{
    public function __construct(
        public int $id,
        public string $name,
        public RecipeFormView $recipe,
        public bool $changed,
    ) {
    }
}
