<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Pricing\PricingChange;
use WindowStall\Runs\Run;
use WindowStall\Stall\Stall;

/** The cost sheet as it stands, and the step that changed it. */
final readonly class CostsAnswerView
{
    /**
     * @param  int|null  $change  the step; null where only another sample is shown
     * @param  int|null  $run  which prices every variant, where there are many
     */
    public function __construct(
        public CostSheetView $sheet,
        public ?int $change,
        public string $words,
        public ?int $run,
    ) {
    }

    public static function of(Stall $stall, ?PricingChange $change = null, ?Run $run = null): self
    {
        return new self(
            sheet: CostSheetView::of($stall),
            change: $change?->id,
            words: $change->words ?? '',
            run: $run?->id,
        );
    }
}
