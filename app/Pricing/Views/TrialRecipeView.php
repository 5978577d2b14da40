<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

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
