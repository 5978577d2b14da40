<?php

declare(strict_types=1);

namespace WindowStall\Hooks\Views;

/** A new address that is told, with its secret, told this once. */
final readonly class MadeHookView
{
    public function __construct(public string $secret, public HooksView $hooks)
    {
    }
}
