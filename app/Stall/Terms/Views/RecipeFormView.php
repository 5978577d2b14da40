<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms\Views;

use Illuminate\Validation\ValidationException;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Pricing\Recipe\Step;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Support\Views\Percent;

/**
 * A recipe as a sentence with fields: amounts as one types them, margins in percent.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 */
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

    /**
     * What a person sent, as recipes are written.
     *
     * @param  array<mixed>  $sent  the fields of this form
     * @return WrittenRecipe
     *
     * @throws ValidationException
     */
    public static function written(array $sent, Currency $currency): array
    {
        $text = static fn (mixed $v): string => is_scalar($v) ? trim((string) $v) : '';
        $steps = [];
        foreach (is_array($sent['steps'] ?? null) ? array_values($sent['steps']) : [] as $step) {
            $step = is_array($step) ? $step : [];
            $method = $text($step['method'] ?? '');
            $value = $text($step['value'] ?? '');
            $upTo = $text($step['upTo'] ?? '');
            $steps[] = ($upTo === '' ? [] : ['up_to' => self::amount($upTo, $currency)]) + [
                $method => match ($method) {
                    'margin' => self::percent($value),
                    'add', 'keep' => self::amount($value, $currency),
                    default => str_replace(',', '.', $value),
                },
            ];
        }
        $ending = $text($sent['ending'] ?? '');
        $every = $text($sent['every'] ?? '');
        $kind = $text($sent['floorKind'] ?? 'none');
        $floor = $text($sent['floor'] ?? '');
        $cap = $text($sent['cap'] ?? 'none');

        return Recipes::check(
            [
                'basis' => $text($sent['basis'] ?? 'landed'),
                'steps' => $steps,
                'ending' => $ending === ''
                        ? null
                        : ['part' => self::amount($ending, $currency), 'direction' => $text($sent['toward'] ?? 'up')] +
                            ($every === '' ? [] : ['every' => self::amount($every, $currency)]),
                'floor' => match ($kind) {
                    'margin' => ['margin' => self::percent($floor)],
                    'keep' => ['keep' => self::amount($floor, $currency)],
                    default => null,
                },
                'cap' => $cap === 'none' || $cap === '' ? null : ($cap === 'rrp' ? 'rrp' : self::amount($cap, $currency)),
            ],
            $currency,
        );
    }

    /** "30" → "0.3" */
    private static function percent(string $typed): string
    {
        $bp = Percent::parse($typed);
        if ($bp === null) {
            throw ValidationException::withMessages([
                'recipe' => sprintf('“%s” is no percentage. Write it as 30 or 12.5.', mb_substr($typed, 0, 20)),
            ]);
        }

        return RecipeNotation::decimal($bp * 100);
    }

    private static function amount(string $typed, Currency $currency): string
    {
        try {
            return Money::parse($typed, $currency)->digits();
        } catch (MoneyUnreadable $e) {
            throw ValidationException::withMessages(['recipe' => $e->getMessage()]);
        }
    }
}
