<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** Words as a description takes them. */
final readonly class HtmlView
{
    public function __construct(public string $html)
    {
    }
}
