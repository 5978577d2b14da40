<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

/** A recipe with the conditions it counts under. */
final readonly class RuledRecipe
{
    /** @param  int  $id  its number */
    public function __construct(public int $id, public string $name, public Conditions $when, public Recipe $recipe)
    {
    }
}
