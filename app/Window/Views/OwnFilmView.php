<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Window\Films;

/** One of the stall's own films. */
final readonly class OwnFilmView
{
    public function __construct(public int $id, public string $name)
    {
    }

    /** @return list<self> newest first */
    public static function all(Stall $stall): array
    {
        return array_map(static fn (array $film): self => new self($film['id'], $film['name']), Films::all($stall));
    }
}
