<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Core\Shelves\Condition;
use WindowStall\Core\Shelves\ConditionGroup;
use WindowStall\Shelves\RuleReader;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Stall;

/** A shelf's rule, part by part, for the sentence in which it is edited. */
final readonly class RuleView
{
    /** @param  list<RulePartView>  $parts */
    public function __construct(public string $join, public array $parts)
    {
    }

    public static function of(Stall $stall, Shelf $shelf): ?self
    {
        $rule = $shelf->readRule($stall);
        if ($rule === null) {
            return null;
        }
        $notation = RuleReader::notation($stall);
        $words = RuleReader::words($stall);
        $view = static fn (Condition $c): ClauseView => ClauseView::of($c, $notation, $words);

        return new self(
            join: $rule->joined->value,
            parts: array_map(
                static fn (Condition|ConditionGroup $p): RulePartView => $p instanceof ConditionGroup
                    ? new RulePartView($p->joined->value, array_map($view, $p->clauses))
                    : new RulePartView('', [$view($p)]),
                $rule->parts,
            ),
        );
    }
}
