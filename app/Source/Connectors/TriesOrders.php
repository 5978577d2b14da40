<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A supplier that can be asked what it would do with an order, and does nothing of it: no piece is kept, sent or charged. */
interface TriesOrders extends TakesOrders
{
    /**
     * Everything is looked at as for {@see TakesOrders::order}, and refused for the same reasons.
     *
     * @param  list<array{variant: string, quantity: int, warehouse?: string, prints?: list<PrintOrder>}>  $lines
     * @param  array{name: string, street: string, town: string, postcode: string, country: string}  $address
     * @param  list<string>  $extras
     * @return list<SupplierAnswer> what it would say of it, one after the other, up to that it is posted
     *
     * @throws SupplierTrouble
     */
    public function tryOrder(Access $access, string $reference, array $lines, array $address, array $extras = []): array;
}
