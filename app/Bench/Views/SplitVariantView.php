<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** A variant as it is moved about between parts. */
final readonly class SplitVariantView
{
    public function __construct(public int $id, public string $label, public ?string $picture, public string $landed)
    {
    }
}
