<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Source\SupplierConnection;

/** When a supplier packs, as the seller knows it. */
final readonly class PackingView
{
    /**
     * @param  string  $cutOff  "14:00"; "" where it isn't known
     * @param  string  $closed  days on which nobody packs: "2026-12-24 to 2026-12-27, 2027-01-01"
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $cutOff,
        public int $packsFrom,
        public int $packsTo,
        public string $closed,
    ) {
    }

    public static function of(SupplierConnection $connection): self
    {
        return new self(
            id: $connection->id,
            name: $connection->name,
            cutOff: (string) $connection->cut_off,
            packsFrom: $connection->packs_from,
            packsTo: $connection->packs_to,
            closed: self::days($connection->closed_days),
        );
    }

    /** @param  list<array{string, string}>  $closed */
    public static function days(array $closed): string
    {
        return implode(', ', array_map(
            static fn (array $span): string => $span[0] === $span[1] ? $span[0] : $span[0].' to '.$span[1],
            $closed,
        ));
    }
}
