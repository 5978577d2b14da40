<?php

declare(strict_types=1);

namespace WindowStall\Frame\Views;

/** Something the palette found, and where it is. */
final readonly class FoundView
{
    public function __construct(public string $kind, public string $label, public string $detail, public string $url)
    {
    }
}
