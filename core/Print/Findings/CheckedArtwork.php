<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

use WindowStall\Core\Print\ArtworkFacts;

/** An artwork as findings name it, with those that may lie in its place. */
final readonly class CheckedArtwork
{
    /** @param  list<int>  $others  numbers of its other versions and of what could stand for it on other cloth */
    public function __construct(public int $id, public string $name, public ArtworkFacts $facts, public array $others = [])
    {
    }
}
