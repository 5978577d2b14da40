<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Policies\Blank;
use WindowStall\Core\Policies\Clause;
use WindowStall\Core\Policies\Policy;
use WindowStall\Stall\Clock;
use WindowStall\Window\Policies\PolicyVersion;

/** A policy as it would be published now, and where what is published says otherwise. */
final readonly class PolicyView
{
    /**
     * @param  list<string>  $clauses  blanks in square brackets
     * @param  list<string>  $blanks
     * @param  string|null  $published  on which day; null where it isn't
     * @param  list<SaidOtherwiseView>  $differs
     */
    public function __construct(
        public string $kind,
        public string $heading,
        public array $clauses,
        public array $blanks,
        public ?int $number,
        public ?string $published,
        public array $differs,
        public string $besides,
    ) {
    }

    public static function of(Policy $policy, ?PolicyVersion $version, string $besides): self
    {
        return new self(
            kind: $policy->kind->value,
            heading: $policy->kind->heading(),
            clauses: array_map(static fn (Clause $c): string => $c->words, $policy->clauses),
            blanks: array_map(static fn (Blank $b): string => $b->words(), $policy->blanks()),
            number: $version?->number,
            published: $version === null ? null : Clock::here()->day($version->published_at),
            differs: $version === null ? [] : array_map(
                static fn (array $d): SaidOtherwiseView => new SaidOtherwiseView($d['said'], $d['now']),
                $policy->differs($version->words),
            ),
            besides: $besides,
        );
    }
}
