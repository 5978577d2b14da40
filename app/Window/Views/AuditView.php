<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\Finding;

/** What the phone audit found, and the figures beside sections. */
final readonly class AuditView
{
    /**
     * @param  list<FindingView>  $findings
     * @param  array<string, string>  $figures  section's id → words
     */
    public function __construct(public array $findings, public array $figures)
    {
    }

    /**
     * @param  list<Finding>  $findings
     * @param  array<string, string>  $figures
     */
    public static function of(array $findings, array $figures): self
    {
        return new self(array_map(FindingView::of(...), $findings), $figures);
    }
}
