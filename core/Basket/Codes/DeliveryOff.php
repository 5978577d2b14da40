<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** Delivery costs nothing; the goods cost what they cost. */
final readonly class DeliveryOff implements Reduction
{
    public function of(array $lines): int
    {
        return 0;
    }

    public function turn(): int
    {
        return 5;
    }
}
