<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A supplier that lays things in, or packs in another way, for so much an order. */
interface OffersExtras
{
    /**
     * @return list<Extra>
     *
     * @throws SupplierTrouble
     */
    public function extras(Access $access): array;
}
