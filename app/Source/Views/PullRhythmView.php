<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** How often a supplier is read, and when next. */
final readonly class PullRhythmView
{
    /**
     * @param  array<string, string>  $schedules
     * @param  int|null  $movingEvery  minutes
     */
    public function __construct(
        public string $schedule,
        public array $schedules,
        public bool $paused,
        public ?string $next,
        public bool $tellsWhatMoves,
        public ?int $movingEvery,
    ) {
    }
}
