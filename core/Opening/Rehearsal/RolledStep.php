<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

/**
 * One step on the roll of a rehearsal.
 *
 * @phpstan-type StoredStep array{kind: string, at: int, outcome: string, words: string, read: string}
 */
final readonly class RolledStep
{
    /**
     * @param  int  $at  milliseconds after its shopper began
     * @param  string  $words  what they did, or what became of it
     * @param  string  $read  what they read, where that says more
     */
    public function __construct(
        public StepKind $kind,
        public int $at,
        public StepOutcome $outcome,
        public string $words,
        public string $read = '',
    ) {
    }

    /** @param  StoredStep  $said */
    public static function from(array $said): self
    {
        return new self(
            StepKind::from($said['kind']),
            $said['at'],
            StepOutcome::from($said['outcome']),
            $said['words'],
            $said['read'],
        );
    }

    /** @return StoredStep */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'at' => $this->at,
            'outcome' => $this->outcome->value,
            'words' => $this->words,
            'read' => $this->read,
        ];
    }

    public function isBroken(): bool
    {
        return $this->outcome === StepOutcome::Broken;
    }
}
