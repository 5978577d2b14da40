<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Money\Money;

/** What a supplier says of an order it was sent. */
final readonly class SupplierAnswer
{
    /**
     * @param  list<SaidParcel>  $parcels  all it has posted so far; empty where it only says that it has
     * @param  Money|null  $extras  what it takes for what was laid in
     */
    public function __construct(
        public string $externalId,
        public SupplierOrderState $state,
        public Money $goods,
        public Money $delivery,
        public ?string $carrier,
        public ?string $tracking,
        public ?string $reason,
        public array $parcels = [],
        public ?Money $extras = null,
    ) {
    }
}
