<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Pricing\Recipe\RuledRecipe;

/**
 * A recipe of a stall, with the conditions it counts under, in the order of precedence.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 * @phpstan-import-type WrittenConditions from ConditionNotation
 *
 * @property int $id
 * @property int $stall_id
 * @property string $name
 * @property int $position
 * @property WrittenConditions $conditions
 * @property WrittenRecipe $recipe
 */
final class PriceRecipe extends Model
{
    /** The position of the one that prices whatever none before it does. */
    public const LAST = 1000;

    /** @var array<string, mixed> */
    protected $attributes = ['conditions' => '{}'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['conditions' => 'array', 'recipe' => 'array'];
    }

    public function ruled(Currency $currency): RuledRecipe
    {
        return self::rule(
            ['id' => $this->id, 'name' => $this->name, 'conditions' => $this->conditions, 'recipe' => $this->recipe],
            $currency,
        );
    }

    /** @param  array{id: int, name: string, conditions: WrittenConditions, recipe: WrittenRecipe}  $written */
    public static function rule(array $written, Currency $currency): RuledRecipe
    {
        return new RuledRecipe(
            $written['id'],
            $written['name'],
            ConditionNotation::read($written['conditions'], $currency),
            Recipes::read($written['recipe'], $currency),
        );
    }
}
