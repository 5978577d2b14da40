<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Validation\ValidationException;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\BulkStep;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Step;
use WindowStall\Core\Pricing\Recipe\Toward;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Support\Views\Percent;

/**
 * What a person types on the board for some variants, done.
 *
 * @phpstan-type Typed array{
 *     do: string, value?: string|null, ending?: string|null, toward?: string, recipe?: array<mixed>|null,
 * }
 */
final readonly class PriceByHand
{
    public const WAYS = ['price', 'recipe', 'factor', 'add', 'margin', 'ending', 'was', 'knowingly', 'own'];

    public function __construct(private SetPrices $set)
    {
    }

    /**
     * @param  list<int>  $variants
     * @param  Typed  $typed
     *
     * @throws Refusal|ValidationException
     */
    public function __invoke(Stall $stall, ?User $by, array $variants, array $typed): BenchChange
    {
        $value = (string) ($typed['value'] ?? '');
        $money = static fn (): Money => Money::parse($value, $stall->currencyValue());

        return match ($typed['do']) {
            'price' => $this->set->to($stall, $by, $variants, $money()),
            'recipe' => $this->set->to($stall, $by, $variants, null),
            'was' => $this->set->was($stall, $by, $variants, $value === '' ? null : $money()),
            'own' => $this->set->own($stall, $by, $variants, $typed['recipe'] ?? null),
            'knowingly' => $this->set->knowingly($stall, $by, $variants, $value === 'yes'),
            default => $this->set->by($stall, $by, $variants, self::bulk($stall, $typed, $value)),
        };
    }

    /** @param  Typed  $typed */
    private static function bulk(Stall $stall, array $typed, string $value): BulkStep
    {
        $step = self::step($stall, $typed['do'], $value);
        $part = self::part($stall, (string) ($typed['ending'] ?? ''));

        return $step === null && $part === null
            ? throw ValidationException::withMessages(['ending' => 'Say what the prices are to end in, such as 0.95.'])
            : new BulkStep(
                $step,
                $part === null ? null : new Ending($part, null, Toward::from($typed['toward'] ?? 'up')),
            );
    }

    private static function step(Stall $stall, string $do, string $value): ?Step
    {
        return match ($do) {
            'factor' => Step::factor(self::factor($value)),
            'add' => Step::add(Money::parse($value, $stall->currencyValue())),
            'margin' => Step::margin(self::margin($value)),
            default => null,
        };
    }

    private static function margin(string $typed): Rate
    {
        return Rate::bp(
            Percent::parse($typed) ??
                throw ValidationException::withMessages(['value' => 'Write the margin in percent, such as 30.']),
        );
    }

    /** @return int|null the part below the whole unit that prices end in, in minor units */
    private static function part(Stall $stall, string $ending): ?int
    {
        $unit = $stall->currencyValue()->minorPerUnit();
        $part = $ending === '' ? null : Money::parse($ending, $stall->currencyValue())->minor;
        if ($part !== null && ($part < 0 || $part >= $unit)) {
            throw new Refusal(
                sprintf(
                    'An ending is the part below the whole %s, such as %s.',
                    $stall->currency,
                    $stall->money(intdiv($unit * 95, 100))->digits(),
                ),
            );
        }

        return $part;
    }

    /** @return int in millionths */
    private static function factor(string $typed): int
    {
        $typed = str_replace(',', '.', trim($typed));
        if (preg_match('/^(\d{1,3})(?:\.(\d{1,4}))?$/D', $typed, $m) !== 1 || (float) $typed === 0.0) {
            throw ValidationException::withMessages(['value' => 'Write the factor as 1.05 for 5% more.']);
        }

        return (int) $m[1] * Rate::WHOLE + (int) str_pad($m[2] ?? '', 6, '0');
    }
}
