<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

/** What one rule did with changes of one kind in a pull. */
final readonly class RuleDoneView
{
    /**
     * @param  string  $standing  what became of them at once
     * @param  string  $decided  what a person said of them since; empty where nobody did
     * @param  string  $titles  listings, as shoppers see them called
     */
    public function __construct(
        public string $standing,
        public string $words,
        public string $rule,
        public string $decided,
        public string $titles,
    ) {
    }
}
