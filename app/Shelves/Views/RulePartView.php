<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** A clause that stands alone, or a group of them. */
final readonly class RulePartView
{
    /**
     * @param  string  $join  how a group goes together; nothing for a clause alone
     * @param  list<ClauseView>  $clauses
     */
    public function __construct(public string $join, public array $clauses)
    {
    }
}
