<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

/** What was done, in a sentence. */
final readonly class SetBackView
{
    public function __construct(public string $say)
    {
    }
}
