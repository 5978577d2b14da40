<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** An item of another supplier with a barcode of this one. */
final readonly class TwinView
{
    public function __construct(public int $id, public string $title, public string $supplier)
    {
    }
}
