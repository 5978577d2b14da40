<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Money\Money;

/** Something a supplier does for an order besides sending its goods: "your packing slip laid in". */
final readonly class Extra
{
    /** @param  Money  $cost  for each order, in the supplier's currency */
    public function __construct(public string $code, public string $name, public Money $cost)
    {
    }
}
