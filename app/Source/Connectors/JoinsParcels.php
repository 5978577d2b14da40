<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A supplier that lays an order into the parcel of an earlier one, while that waits to be packed. */
interface JoinsParcels extends TakesOrders
{
    /**
     * Sends an order as {@see TakesOrders::order} does, to go along with an earlier one. Until when that is possible the answers
     * of the earlier one say ({@see SupplierAnswer::$joinedUntil}).
     *
     * @param  list<array{variant: string, quantity: int, warehouse?: string}>  $lines
     * @param  array{name: string, street: string, town: string, postcode: string, country: string}  $address
     * @param  string  $into  the earlier one, as the supplier calls it
     *
     * @throws AlreadyPacked when it can't go along any more; nothing was ordered then
     * @throws SupplierTrouble
     */
    public function join(
        Access $access,
        string $idempotencyKey,
        string $reference,
        array $lines,
        array $address,
        string $into,
    ): SupplierAnswer;
}
