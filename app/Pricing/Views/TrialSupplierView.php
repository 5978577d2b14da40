<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** How much dearer a supplier's goods would be in a trial, in percent. */
final readonly class TrialSupplierView
{
    public function __construct(public int $id, public string $name, public string $dearer)
    {
    }
}
