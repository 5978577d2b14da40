<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

use WindowStall\Core\Payment\PayMethod;

/**
 * One shopper made up for a rehearsal, and how they fared.
 *
 * @phpstan-import-type StoredStep from RolledStep
 *
 * @phpstan-type StoredShopper array{country: string, method: string|null, steps: list<StoredStep>}
 */
final readonly class RolledShopper
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  PayMethod|null  $method  null where nothing can be paid by there
     * @param  list<RolledStep>  $steps
     */
    public function __construct(public string $country, public ?PayMethod $method, public array $steps = [])
    {
    }

    public function with(RolledStep $step): self
    {
        return new self($this->country, $this->method, [...$this->steps, $step]);
    }

    /** The step at which they left, if they did. */
    public function broken(): ?RolledStep
    {
        foreach ($this->steps as $step) {
            if ($step->isBroken()) {
                return $step;
            }
        }

        return null;
    }

    /** Whether they can't go on: stuck, or at something that can't be tried and that all else needs. */
    public function isAtTheEnd(): bool
    {
        $last = $this->steps[array_key_last($this->steps) ?? 0] ?? null;

        return $last !== null && match ($last->outcome) {
            StepOutcome::Broken => true,
            StepOutcome::Untested => $last->kind->carriesOn(),
            StepOutcome::Fine => false,
        };
    }

    public function outcome(StepKind $kind): ?StepOutcome
    {
        foreach ($this->steps as $step) {
            if ($step->kind === $kind) {
                return $step->outcome;
            }
        }

        return null;
    }

    /** @param  StoredShopper  $said */
    public static function from(array $said): self
    {
        return new self(
            $said['country'],
            $said['method'] === null ? null : PayMethod::from($said['method']),
            array_map(RolledStep::from(...), $said['steps']),
        );
    }

    /** @return StoredShopper */
    public function toArray(): array
    {
        return [
            'country' => $this->country,
            'method' => $this->method?->value,
            'steps' => array_map(static fn (RolledStep $step): array => $step->toArray(), $this->steps),
        ];
    }
}
