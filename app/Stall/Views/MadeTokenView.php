<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

/** A token, told this once. */
final readonly class MadeTokenView
{
    public function __construct(public string $token)
    {
    }
}
