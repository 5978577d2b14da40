<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** Where a supplier answers and with what key. */
final readonly class Access
{
    public function __construct(public string $address, #[\SensitiveParameter] public string $key)
    {
    }
}
