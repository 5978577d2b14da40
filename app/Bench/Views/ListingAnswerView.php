<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** A listing as it stands after a step. */
final readonly class ListingAnswerView
{
    public function __construct(public ListingView $listing, public int $change)
    {
    }
}
