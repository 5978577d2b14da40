<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

/** Rules as they would be, and what they would have come to. */
final readonly class TriedRulesView
{
    public function __construct(public RulesSheetView $sheet, public RehearsalView $rehearsal)
    {
    }
}
