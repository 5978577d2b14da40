<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Support\Views\ChoiceView;

/** What becomes of one fact when a supplier changes it. */
final readonly class FactRuleView
{
    /** @param  list<ChoiceView>  $choices */
    public function __construct(public string $fact, public string $words, public string $policy, public array $choices)
    {
    }
}
