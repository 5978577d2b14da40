<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use DateTimeImmutable;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Money\Money;

/** What a supplier says of an order it was sent. */
final readonly class SupplierAnswer
{
    /**
     * @param  list<SaidParcel>  $parcels  all it has posted so far; empty where it only says that it has
     * @param  Money|null  $extras  what it takes for what was laid in
     * @param  DateTimeImmutable|null  $joinedUntil  until then others can be laid into its parcel; null where none can
     * @param  list<string>  $packedIn  the warehouses it is packed in, where it says them
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
        public ?DateTimeImmutable $joinedUntil = null,
        public array $packedIn = [],
    ) {
    }
}
