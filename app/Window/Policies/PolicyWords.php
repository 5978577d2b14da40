<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Policies\MissingFact;
use WindowStall\Core\Policies\PolicyClause;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** A policy in the words of the language that is being spoken; a blank stands in square brackets. */
final class PolicyWords
{
    /** @return array<string, string> what a clause is about → its words */
    public static function of(WrittenPolicy $policy): array
    {
        return array_combine(
            array_map(static fn (PolicyClause $clause): string => $clause->key, $policy->clauses),
            array_map(self::clause(...), $policy->clauses),
        );
    }

    public static function clause(PolicyClause $clause): string
    {
        if ($clause->says === '') {
            $own = $clause->facts['words'] ?? '';

            return is_string($own) ? $own : '';
        }
        $facts = [];
        foreach ($clause->facts as $name => $fact) {
            $facts[$name] = self::fact($name, $fact);
        }

        return Speech::say('policies.'.$clause->says, ...$facts);
    }

    /** What a seller is asked for, as it stands in a sentence. */
    public static function blank(MissingFact $blank): string
    {
        return Speech::say('policies.blanks.'.$blank->value);
    }

    /**
     * Where a published version says otherwise than the stall is set up now.
     *
     * @param  array<string, string>  $published  by clause
     * @param  array<string, string>  $now
     * @return list<array{said: string, now: string}> "" where it said nothing, or says nothing any more
     */
    public static function differs(array $published, array $now): array
    {
        $differs = [];
        foreach (array_keys($published + $now) as $key) {
            if (($published[$key] ?? '') !== ($now[$key] ?? '')) {
                $differs[] = ['said' => $published[$key] ?? '', 'now' => $now[$key] ?? ''];
            }
        }

        return $differs;
    }

    /** @param  string|int|Money|DayRange|list<string>|null  $fact */
    private static function fact(string $name, string|int|Money|DayRange|array|null $fact): string|int|Money
    {
        return match (true) {
            $fact === null => '['.self::blank(MissingFact::from($name)).']',
            is_array($fact) => Spoken::all(array_map(Spoken::countrySaid(...), $fact)),
            $fact instanceof DayRange => Spoken::days($fact),
            $name === MissingFact::ReturnDays->value => Speech::say('dates.days', count: $fact),
            $name === MissingFact::KeepYears->value => Speech::say('policies.years', count: $fact),
            $name === MissingFact::ReturnBy->value && is_string($fact) => Speech::say('policies.returns.by.'.$fact),
            default => $fact,
        };
    }
}
