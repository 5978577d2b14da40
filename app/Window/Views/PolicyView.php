<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use Symfony\Component\Intl\Languages;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Stall\Clock;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Policies\PolicyWords;

/** A policy as it would be published now, and where what is published says otherwise. */
final readonly class PolicyView
{
    /**
     * @param  list<string>  $clauses  blanks in square brackets
     * @param  list<string>  $blanks
     * @param  string|null  $published  on which day; null where it isn't
     * @param  list<SaidOtherwiseView>  $differs
     * @param  list<string>  $stale  where else it says otherwise: "Ireland, in English"
     */
    public function __construct(
        public string $kind,
        public string $heading,
        public array $clauses,
        public array $blanks,
        public ?int $number,
        public ?string $published,
        public array $differs,
        public array $stale,
        public string $besides,
    ) {
    }

    /** @param  array<string, array<string, string>>  $there  what other markets and languages would say now */
    public static function of(WrittenPolicy $policy, ?PolicyVersion $version, string $besides, array $there): self
    {
        $words = PolicyWords::of($policy);

        return new self(
            kind: $policy->kind->value,
            heading: $policy->kind->heading(),
            clauses: array_values($words),
            blanks: array_map(PolicyWords::blank(...), $policy->blanks()),
            number: $version?->number,
            published: $version === null ? null : Clock::here()->day($version->published_at),
            differs: $version === null ? [] : array_map(
                static fn (array $d): SaidOtherwiseView => new SaidOtherwiseView($d['said'], $d['now']),
                PolicyWords::differs($version->words, $words),
            ),
            stale: $version === null ? [] : self::stale($version, $there),
            besides: $besides,
        );
    }

    /**
     * @param  array<string, array<string, string>>  $there
     * @return list<string>
     */
    private static function stale(PolicyVersion $version, array $there): array
    {
        $stale = array_filter(
            $there,
            static fn (array $words, string $at): bool => ($version->words_there[$at] ?? null) != $words,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(static function (string $at): string {
            [$country, $language] = explode(' ', $at);

            return Spoken::country($country).', in '.Languages::getName($language, 'en');
        }, array_keys($stale));
    }
}
