<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** A trial that was applied. */
final readonly class TrialDoneView
{
    /**
     * @param  int|null  $run  which prices every variant, where there are many
     * @param  list<PricingDoneView>  $done  what was done lately
     */
    public function __construct(
        public int $change,
        public string $words,
        public ?int $run,
        public TrialView $trial,
        public array $done,
    ) {
    }
}
