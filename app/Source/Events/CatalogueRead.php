<?php

declare(strict_types=1);

namespace WindowStall\Source\Events;

use WindowStall\Source\SupplierConnection;

/** A pull has stored what a supplier's catalogue says and landed it; listings haven't followed yet. */
final readonly class CatalogueRead
{
    public function __construct(public SupplierConnection $connection)
    {
    }
}
