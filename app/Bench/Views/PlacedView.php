<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;

/** A listing that was put in the window. */
final readonly class PlacedView
{
    public function __construct(public int $id, public string $title, public string $url)
    {
    }

    public static function of(Stall $stall, Listing $listing): self
    {
        return new self(
            id: $listing->id,
            title: $listing->shown_title,
            url: $stall->shopAddress('/goods/'.$listing->slug),
        );
    }
}
