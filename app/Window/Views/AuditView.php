<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\AuditFinding;
use WindowStall\Core\Window\Measured;

/** What the phone audit found, and the figures beside sections. */
final readonly class AuditView
{
    /**
     * @param  list<FindingView>  $findings
     * @param  array<string, string>  $figures  section's id → words
     * @param  list<WeightView>  $weights  the heaviest first
     */
    public function __construct(
        public array $findings,
        public array $figures,
        public string $weighs,
        public array $weights,
    ) {
    }

    /**
     * @param  list<AuditFinding>  $findings
     * @param  array<string, string>  $figures
     */
    public static function of(array $findings, array $figures, Measured $measured): self
    {
        return new self(
            findings: array_map(FindingView::of(...), $findings),
            figures: $figures,
            weighs: WeightView::kilobytes($measured->weight()),
            weights: WeightView::all($measured),
        );
    }
}
