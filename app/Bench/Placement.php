<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Core\Bench\Lack;

/** What putting listings in the window came to: those that are shown, and for each other one what it lacks. */
final readonly class Placement
{
    /**
     * @param  list<Listing>  $placed
     * @param  list<array{listing: Listing, lacks: list<Lack>}>  $left
     */
    public function __construct(public array $placed, public array $left)
    {
    }
}
