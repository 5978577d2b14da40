<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A piece of news a supplier sent by itself, its signature checked: of an order, or of an item. */
final readonly class SupplierNews
{
    /**
     * @param  SupplierAnswer|null  $answer  of an order
     * @param  string|null  $item  the supplier's id of what changed
     */
    public function __construct(
        public string $eventId,
        public string $kind,
        public ?SupplierAnswer $answer,
        public ?string $item = null,
    ) {
    }
}
