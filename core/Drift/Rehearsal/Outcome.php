<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Rehearsal;

/** What came, or would have come, of changes under one set of rules. Money in minor units of the stall's currency. */
final class Outcome
{
    /**
     * @param  int  $asked  changes that waited for a person
     * @param  int  $followed  changes that went through by themselves
     * @param  int  $kept  changes before which the seller's word stood, or what was agreed
     * @param  int  $paused  times a variant stopped being sold because its price fell under its floor
     * @param  int  $sold  pieces
     * @param  int  $missed  pieces that were bought and couldn't have been, as selling was paused
     * @param  int  $soldUnder  pieces sold at a price under its floor
     * @param  int  $keep  what all pieces sold keep together
     */
    public function __construct(
        public int $asked = 0,
        public int $followed = 0,
        public int $kept = 0,
        public int $paused = 0,
        public int $sold = 0,
        public int $missed = 0,
        public int $soldUnder = 0,
        public int $keep = 0,
    ) {
    }

    public function add(self $other): void
    {
        $this->asked += $other->asked;
        $this->followed += $other->followed;
        $this->kept += $other->kept;
        $this->paused += $other->paused;
        $this->sold += $other->sold;
        $this->missed += $other->missed;
        $this->soldUnder += $other->soldUnder;
        $this->keep += $other->keep;
    }

    /** @return array<string, int> */
    public function toArray(): array
    {
        /** @var array<string, int> */
        return get_object_vars($this);
    }

    /** @param  array<mixed>  $kept  as {@see toArray()} gave it; what isn't a count is nought */
    public static function from(array $kept): self
    {
        $count = static fn (string $name): int => is_int($kept[$name] ?? null) ? $kept[$name] : 0;

        return new self(
            asked: $count('asked'),
            followed: $count('followed'),
            kept: $count('kept'),
            paused: $count('paused'),
            sold: $count('sold'),
            missed: $count('missed'),
            soldUnder: $count('soldUnder'),
            keep: $count('keep'),
        );
    }
}
