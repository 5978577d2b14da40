<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** A step on the way, and when it was taken. */
final readonly class StepView
{
    public function __construct(public string $words, public ?string $at)
    {
    }
}
