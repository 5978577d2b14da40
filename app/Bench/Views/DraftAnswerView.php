<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** What was drafted, and the listing with it. */
final readonly class DraftAnswerView
{
    public function __construct(public ListingView $listing, public DraftView $draft, public int $change)
    {
    }
}
