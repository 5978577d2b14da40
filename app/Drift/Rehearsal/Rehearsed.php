<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rehearsal;

use WindowStall\Core\Drift\Rehearsal\Outcome;

/**
 * What happened, what the rules as they are would have done, and those that are tried.
 *
 * @phpstan-import-type PullArray from RehearsedPull
 */
final readonly class Rehearsed
{
    /** @param  list<RehearsedPull>  $pulls */
    public function __construct(
        public Outcome $happened,
        public Outcome $now,
        public Outcome $tried,
        public array $pulls,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'happened' => $this->happened->toArray(),
            'now' => $this->now->toArray(),
            'tried' => $this->tried->toArray(),
            'pulls' => array_map(get_object_vars(...), $this->pulls),
        ];
    }

    /** @param  array<mixed>  $kept  as {@see toArray()} gave it */
    public static function from(array $kept): self
    {
        /** @var list<PullArray> $pulls */
        $pulls = (array) ($kept['pulls'] ?? []);

        return new self(
            Outcome::from((array) ($kept['happened'] ?? [])),
            Outcome::from((array) ($kept['now'] ?? [])),
            Outcome::from((array) ($kept['tried'] ?? [])),
            array_map(static fn (array $pull): RehearsedPull => new RehearsedPull(...$pull), $pulls),
        );
    }
}
