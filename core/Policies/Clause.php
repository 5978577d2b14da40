<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/** One sentence or two of a policy, about one thing. */
final readonly class Clause
{
    /**
     * @param  string  $key  what it is about; the same in every version
     * @param  string  $words  blanks stand in square brackets
     * @param  list<Blank>  $blanks
     */
    public function __construct(public string $key, public string $words, public array $blanks = [])
    {
    }
}
