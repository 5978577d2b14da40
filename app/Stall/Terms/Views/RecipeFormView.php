<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms\Views;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Pricing\Recipe\Step;
use WindowStall\Stall\Terms\RecipeForm;

/** A recipe as a sentence with fields: amounts as one types them, margins in percent; {@see RecipeForm} reads it. */
final readonly class RecipeFormView
{
    /**
     * @param  list<StepFormView>  $steps
     * @param  string  $ending  what prices end in ("0.95"); "" as they come
     * @param  string  $every  how far such prices lie apart; "" for a whole unit
     * @param  string  $toward  up or nearest
     * @param  string  $floorKind  none, margin (in percent) or keep
     * @param  string  $cap  none, rrp or an amount
     * @param  string  $nextStep  the cost that one more step may begin at
     * @param  array<string, string>  $begins  what a figure begins with once its kind is chosen: each method,
     *     floor_margin, floor_keep, cap
     */
    public function __construct(
        public string $basis,
        public array $steps,
        public string $ending,
        public string $every,
        public string $toward,
        public string $floorKind,
        public string $floor,
        public string $cap,
        public string $words,
        public string $nextStep,
        public array $begins,
    ) {
    }

    /** @param  int|null  $middle  the middle cost of what its last step prices, in minor units */
    public static function of(Recipe $recipe, Currency $currency, ?int $middle = null): self
    {
        $percent = static fn (int $millionths): string => RecipeNotation::decimal($millionths * 100);
        $written = RecipeNotation::write($recipe, $currency);

        return new self(
            basis: $recipe->basis->value,
            steps: array_map(
                static fn (Step $s): StepFormView => new StepFormView(
                    upTo: $s->upTo?->digits() ?? '',
                    method: $s->method->value,
                    value: $s->margin !== null
                        ? $percent($s->margin->millionths)
                        : $s->amount?->digits() ?? RecipeNotation::decimal($s->factor),
                ),
                $recipe->steps,
            ),
            ending: $written['ending']['part'] ?? '',
            every: $written['ending']['every'] ?? '',
            toward: $written['ending']['direction'] ?? 'up',
            floorKind: $recipe->floor === null ? 'none' : ($recipe->floor->keep === null ? 'margin' : 'keep'),
            floor: $recipe->floor === null
                ? ''
                : $recipe->floor->keep?->digits() ?? $percent($recipe->floor->margin->millionths ?? 0),
            cap: $written['cap'] ?? 'none',
            words: $recipe->words($currency),
            nextStep: $recipe->nextStep($currency, $middle)->digits(),
            begins: self::begins($currency),
        );
    }

    /** @return array<string, string> */
    private static function begins(Currency $currency): array
    {
        $amount = static fn (int $units): string => (new Money($units * $currency->roundUnit(), $currency))->digits();

        return [
            'factor' => '2.4',
            'add' => $amount(5),
            'margin' => '30',
            'keep' => $amount(4),
            'floor_margin' => '10',
            'floor_keep' => $amount(2),
            'cap' => $amount(100),
        ];
    }
}
