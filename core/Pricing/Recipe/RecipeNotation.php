<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;

/**
 * A recipe as it is written down, in the program's interface and in what is stored:
 * {basis, steps: [{up_to?, factor|add|margin|keep}], ending?: {part, every?, direction}, floor?: {margin|keep}, cap?:
 * "rrp" or an amount}.
 *
 * @phpstan-type WrittenStep array{up_to?: string, factor?: string, add?: string, margin?: string, keep?: string}
 * @phpstan-type WrittenRecipe array{
 *     basis: string, steps: list<WrittenStep>, ending: array{part: string, every?: string, direction: string}|null,
 *     floor: array{margin?: string, keep?: string}|null, cap: string|null,
 * }
 */
final class RecipeNotation
{
    public const MOST_STEPS = 20;

    /** Reads it; what can't be read stands as a problem in the fields, and then the recipe means nothing. */
    public static function read(Fields $f, Currency $currency, string $at = ''): Recipe
    {
        $path = static fn (string $field): string => $at === '' ? $field : $at.'.'.$field;
        $basis = $f->choice($path('basis'), Basis::class, Basis::Landed);
        $steps = [];
        $written = $f->get($path('steps'));
        if (! is_array($written) || ! array_is_list($written) || $written === [] || count($written) > self::MOST_STEPS) {
            $f->problem($path('steps'), sprintf('A recipe has a list of 1 to %d steps.', self::MOST_STEPS));
            $written = [];
        }
        foreach (array_keys($written) as $n) {
            $steps[] = self::step($f, $path('steps.'.$n), $currency);
        }
        $ending = self::ending($f, $path('ending'), $currency);
        $floor = self::floor($f, $path('floor'), $currency);
        $cap = $f->get($path('cap'));
        try {
            return new Recipe(
                $basis,
                $steps === [] ? [Step::factor(Rate::WHOLE)] : $steps,
                $ending,
                $floor,
                $cap === null ? null : ($cap === 'rrp' ? Cap::rrp() : Cap::at($f->amount($path('cap'), $currency))),
            );
        } catch (RecipeUnreadable $e) {
            $f->problem($path('steps'), $e->getMessage());

            return new Recipe($basis, [Step::factor(Rate::WHOLE)]);
        }
    }

    /** @return WrittenRecipe */
    public static function write(Recipe $recipe, Currency $currency): array
    {
        return [
            'basis' => $recipe->basis->value,
            'steps' => array_map(self::writeStep(...), $recipe->steps),
            'ending' => $recipe->ending === null
                    ? null
                    : ['part' => (new Money($recipe->ending->minor, $currency))->digits()] +
                        ($recipe->ending->every === null
                            ? []
                            : ['every' => (new Money($recipe->ending->every, $currency))->digits()]) + [
                                'direction' => $recipe->ending->toward->value,
                            ],
            'floor' => $recipe->floor === null
                    ? null
                    : ($recipe->floor->keep !== null
                        ? ['keep' => $recipe->floor->keep->digits()]
                        : ['margin' => self::decimal($recipe->floor->margin->millionths ?? 0)]),
            'cap' => $recipe->cap === null ? null : $recipe->cap->amount?->digits() ?? 'rrp',
        ];
    }

    /**
     * Millionths as a decimal: "2.4".
     *
     * @param  int  $millionths  of a whole: 2,400,000 is "2.4"
     */
    public static function decimal(int $millionths): string
    {
        return rtrim(rtrim(sprintf('%d.%06d', intdiv($millionths, Rate::WHOLE), $millionths % Rate::WHOLE), '0'), '.');
    }

    private static function step(Fields $f, string $path, Currency $currency): Step
    {
        $upTo = $f->has($path.'.up_to') ? $f->amount($path.'.up_to', $currency) : null;
        $named = array_values(
            array_filter(StepMethod::cases(), static fn (StepMethod $m): bool => $f->has($path.'.'.$m->value)),
        );
        if (count($named) !== 1) {
            $f->problem($path, 'A step has one of "factor", "add", "margin" and "keep".');

            return Step::factor(Rate::WHOLE, $upTo);
        }
        $at = $path.'.'.$named[0]->value;

        return match ($named[0]) {
            StepMethod::Factor => Step::factor($f->factor($at), $upTo),
            StepMethod::Add => Step::add($f->amount($at, $currency, negative: true), $upTo),
            StepMethod::Margin => Step::margin($f->rate($at), $upTo),
            StepMethod::Keep => Step::keep($f->amount($at, $currency), $upTo),
        };
    }

    private static function ending(Fields $f, string $path, Currency $currency): ?Ending
    {
        if (! $f->has($path)) {
            return null;
        }
        $part = $f->amount($path.'.part', $currency, required: false)->minor;
        $every = $f->has($path.'.every') ? $f->amount($path.'.every', $currency)->minor : null;
        $toward = $f->choice($path.'.direction', Toward::class, Toward::Up);
        if ($part >= ($every ?? $currency->minorPerUnit())) {
            $f->problem(
                $path.'.part',
                $every === null
                    ? EndingOutOfRange::for($part, $currency)->getMessage()
                    : 'The part is less than the step it comes every.',
            );

            return null;
        }

        return new Ending($part, $every, $toward);
    }

    private static function floor(Fields $f, string $path, Currency $currency): ?Floor
    {
        if (! $f->has($path)) {
            return null;
        }
        if ($f->has($path.'.margin') === $f->has($path.'.keep')) {
            $f->problem($path, 'A floor has either "margin" or "keep".');

            return null;
        }

        return $f->has($path.'.margin')
            ? Floor::margin($f->rate($path.'.margin'))
            : Floor::keep($f->amount($path.'.keep', $currency));
    }

    /** @return WrittenStep */
    private static function writeStep(Step $step): array
    {
        $said = match ($step->method) {
            StepMethod::Factor => ['factor' => self::decimal($step->factor)],
            StepMethod::Margin => ['margin' => self::decimal($step->margin->millionths ?? 0)],
            StepMethod::Add => ['add' => (string) $step->amount?->digits()],
            StepMethod::Keep => ['keep' => (string) $step->amount?->digits()],
        };

        return ($step->upTo === null ? [] : ['up_to' => $step->upTo->digits()]) + $said;
    }
}
