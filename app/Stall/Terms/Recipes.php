<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Validation\ValidationException;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;

/**
 * Recipes as they are written, read: what is stored was checked when it came in, what a person sends is checked here.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 */
final class Recipes
{
    /** @param  WrittenRecipe  $written as it was stored */
    public static function read(array $written, Currency $currency): Recipe
    {
        return RecipeNotation::read(new Fields($written), $currency);
    }

    /** @param  string  $json  as it was stored */
    public static function stored(string $json, Currency $currency): Recipe
    {
        return RecipeNotation::read(new Fields((array) json_decode($json, true)), $currency);
    }

    /**
     * @param  array<mixed>  $sent
     * @return WrittenRecipe
     *
     * @throws ValidationException with a sentence for each field
     */
    public static function check(array $sent, Currency $currency, string $field = 'recipe'): array
    {
        $fields = new Fields($sent);
        $recipe = RecipeNotation::read($fields, $currency);
        if ($fields->problems() !== []) {
            throw ValidationException::withMessages(
                array_combine(
                    array_map(static fn (string $p): string => $field.'.'.$p, array_keys($fields->problems())),
                    $fields->problems(),
                ),
            );
        }

        return RecipeNotation::write($recipe, $currency);
    }

    /**
     * What a new stall prices by: landed cost × 2.4, ends .95, never under a margin of 10%.
     *
     * @return WrittenRecipe
     */
    public static function first(Currency $currency): array
    {
        $unit = $currency->minorPerUnit();

        return RecipeNotation::write(
            Recipe::plain(2_400_000, new Ending(intdiv($unit * 95, 100)), Floor::margin(Rate::bp(1000))),
            $currency,
        );
    }
}
