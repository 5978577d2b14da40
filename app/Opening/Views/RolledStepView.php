<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Rehearsal\RolledStep;
use WindowStall\Stall\Stall;

/** What one shopper of a rehearsal did at a moment, and what came of it. */
final readonly class RolledStepView
{
    /**
     * @param  string  $at  minutes and seconds after they came in: "0:14.2"
     * @param  'fine'|'broken'|'untested'  $outcome
     * @param  string  $href  where it is mended; "" where nothing is amiss
     */
    public function __construct(
        public string $at,
        public string $outcome,
        public string $words,
        public string $read,
        public string $href,
    ) {
    }

    public static function of(Stall $stall, RolledStep $step): self
    {
        return new self(
            at: sprintf('%d:%04.1f', intdiv($step->at, 60_000), $step->at % 60_000 / 1_000),
            outcome: $step->outcome->value,
            words: $step->words,
            read: $step->read,
            href: $step->isBroken() ? MendedPlace::address($stall, $step->kind->mendedAt()) : '',
        );
    }
}
