<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** A sentence of a published policy, and how it reads as the stall is set up now; "" where there is none. */
final readonly class SaidOtherwiseView
{
    public function __construct(public string $said, public string $now)
    {
    }
}
