<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A piece of news a supplier sent by itself, its signature checked. */
final readonly class SupplierNews
{
    public function __construct(public string $eventId, public string $kind, public SupplierAnswer $answer)
    {
    }
}
