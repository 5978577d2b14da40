<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** One part of a listing to be split: what it might be called, and its variants. */
final readonly class SplitPartView
{
    /** @param  list<SplitVariantView>  $variants */
    public function __construct(public string $name, public array $variants)
    {
    }
}
