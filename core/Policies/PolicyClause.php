<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/** One sentence or two of a policy, about one thing; in which words is the shop's language's. */
final readonly class PolicyClause
{
    /**
     * @param  string  $key  what it is about; the same in every version
     * @param  string  $says  what is said of it, as the words are named; "" where the seller worded it
     * @param  array<string, string|int|Money|DayRange|list<string>|null>  $facts  what is filled in by name; lists are of
     *     ISO 3166-1 countries, and null is a blank
     */
    public function __construct(public string $key, public string $says, public array $facts = [])
    {
    }

    /** @return list<MissingFact> what only the seller knows and hasn't said */
    public function blanks(): array
    {
        return array_map(MissingFact::from(...), array_keys(array_filter($this->facts, static fn (mixed $fact): bool => $fact === null)));
    }
}
