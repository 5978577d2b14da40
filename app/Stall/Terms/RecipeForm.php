<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Validation\ValidationException;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Support\Views\Percent;

/**
 * A recipe as a person typed it into the fields of {@see RecipeFormView}, as recipes are written.
 *
 * @phpstan-import-type WrittenRecipe from RecipeNotation
 */
final readonly class RecipeForm
{
    /** @param  array<mixed>  $sent */
    private function __construct(private array $sent, private Currency $currency)
    {
    }

    /**
     * @param  array<mixed>  $sent  the fields of the form
     * @return WrittenRecipe
     *
     * @throws ValidationException with a sentence for what can't be read
     */
    public static function written(array $sent, Currency $currency): array
    {
        $form = new self($sent, $currency);

        return Recipes::check(
            [
                'basis' => $form->text('basis', 'landed'),
                'steps' => $form->steps(),
                'ending' => $form->ending(),
                'floor' => $form->floor(),
                'cap' => $form->cap(),
            ],
            $currency,
        );
    }

    /** @return list<array<string, string>> */
    private function steps(): array
    {
        $steps = is_array($this->sent['steps'] ?? null) ? array_values($this->sent['steps']) : [];

        return array_map(
            fn (mixed $step): array => (new self(is_array($step) ? $step : [], $this->currency))->step(),
            $steps,
        );
    }

    /** @return array<string, string> */
    private function step(): array
    {
        $method = $this->text('method');
        $value = $this->text('value');
        $upTo = $this->text('upTo');

        return ($upTo === '' ? [] : ['up_to' => $this->amount($upTo)]) + [
            $method => match ($method) {
                'margin' => self::percent($value),
                'add', 'keep' => $this->amount($value),
                default => str_replace(',', '.', $value),
            },
        ];
    }

    /** @return array<string, string>|null */
    private function ending(): ?array
    {
        $part = $this->text('ending');
        $every = $this->text('every');

        return $part === ''
            ? null
            : ['part' => $this->amount($part), 'direction' => $this->text('toward', 'up')] +
                ($every === '' ? [] : ['every' => $this->amount($every)]);
    }

    /** @return array<string, string>|null */
    private function floor(): ?array
    {
        $floor = $this->text('floor');

        return match ($this->text('floorKind', 'none')) {
            'margin' => ['margin' => self::percent($floor)],
            'keep' => ['keep' => $this->amount($floor)],
            default => null,
        };
    }

    private function cap(): ?string
    {
        $cap = $this->text('cap', 'none');

        return match ($cap) {
            'none', '' => null,
            'rrp' => 'rrp',
            default => $this->amount($cap),
        };
    }

    private function text(string $field, string $default = ''): string
    {
        $typed = $this->sent[$field] ?? $default;

        return is_scalar($typed) ? trim((string) $typed) : '';
    }

    /** "30" → "0.3" */
    private static function percent(string $typed): string
    {
        $bp = Percent::parse($typed);

        return $bp === null
            ? throw ValidationException::withMessages([
                'recipe' => sprintf('“%s” is no percentage. Write it as 30 or 12.5.', mb_substr($typed, 0, 20)),
            ])
            : RecipeNotation::decimal($bp * 100);
    }

    private function amount(string $typed): string
    {
        try {
            return Money::parse($typed, $this->currency)->digits();
        } catch (MoneyUnreadable $e) {
            throw ValidationException::withMessages(['recipe' => $e->getMessage()]);
        }
    }
}
