<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Support\Views\MoneyView;

/** One part of an order's strip. */
final readonly class OrderPartView
{
    /** @param  string  $more  than was expected: "+2.10"; "" where it is as expected */
    public function __construct(public string $name, public MoneyView $money, public string $more)
    {
    }
}
