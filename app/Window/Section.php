<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Window\Sections\SectionKind;

/** One section of a homepage: its kind and how it is set. */
final readonly class Section
{
    /** @param  array<string, mixed>  $settings as {@see SectionKind::clean()} gives them */
    public function __construct(public string $id, public SectionKind $kind, public array $settings)
    {
    }
}
