<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** Colours, as #rrggbb. */
final readonly class ColoursView
{
    /** @param  list<string>  $colours */
    public function __construct(public array $colours)
    {
    }
}
