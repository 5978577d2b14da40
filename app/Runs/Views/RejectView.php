<?php

declare(strict_types=1);

namespace WindowStall\Runs\Views;

/** A row that can't be used, and why. */
final readonly class RejectView
{
    public function __construct(public int $row, public string $column, public string $value, public string $reason)
    {
    }
}
