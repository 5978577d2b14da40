<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Source\SupplierItem;

/** Some items of a catalogue, and how many there are in all if the supplier says. */
final readonly class CataloguePage
{
    /** @param  list<SupplierItem>  $items */
    public function __construct(public array $items, public ?int $total)
    {
    }
}
