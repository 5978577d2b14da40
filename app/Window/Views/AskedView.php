<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** A question with its answer. */
final readonly class AskedView
{
    public function __construct(public string $ask, public string $answer)
    {
    }
}
