<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Support\Views\MoneyView;

/** What building delivery into the price does to a variant. */
final readonly class BuiltInView
{
    public function __construct(public string $name, public MoneyView $now, public MoneyView $then, public string $more)
    {
    }
}
