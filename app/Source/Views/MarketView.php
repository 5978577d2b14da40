<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** A country sold to, as the market switch offers it; `landed` is false while its costs are still being worked out. */
final readonly class MarketView
{
    public function __construct(public string $code, public string $name, public bool $home, public bool $landed)
    {
    }
}
