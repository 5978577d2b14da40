<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** One reason why a listing can't be shown yet. */
final readonly class Lack
{
    /** @param  list<string>  $meant  what the seller may say is meant so, where that is theirs to say */
    public function __construct(public ListingPart $place, public string $words, public array $meant = [])
    {
    }
}
