<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** A section of the homepage in the editor. */
final readonly class SectionView
{
    /** @param  array<string, mixed>  $settings */
    public function __construct(public string $id, public string $kind, public string $label, public string $summary, public array $settings)
    {
    }
}
