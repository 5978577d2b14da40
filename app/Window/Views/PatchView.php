<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** What of the sheet has to be replaced after a change: nothing but what changed. */
final readonly class PatchView
{
    /**
     * @param  array<string, list<string>>  $places  lead, main, foot → ids in their order
     * @param  array<string, string>  $html  id → the section anew, where it changed
     * @param  string|null  $css  the look as CSS, where it changed
     */
    public function __construct(
        public array $places,
        public array $html,
        public ?string $css,
        public string $sheet,
        public string $classes,
    ) {
    }
}
