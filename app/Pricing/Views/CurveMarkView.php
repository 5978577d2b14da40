<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** A price that stands on the curve: what it is, and where. */
final readonly class CurveMarkView
{
    public function __construct(public string $kind, public string $name, public int $price, public string $text)
    {
    }
}
