<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Source\Events\CatalogueRead;

/** Listens to CatalogueRead: what is promised of the supplier's pieces is counted again. */
final readonly class RecountAfterPull
{
    public function __construct(private RecountPromises $recount)
    {
    }

    public function handle(CatalogueRead $read): void
    {
        ($this->recount)($read->connection);
    }
}
