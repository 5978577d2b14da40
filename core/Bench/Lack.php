<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** One reason why a listing can't be shown yet. */
final readonly class Lack
{
    public function __construct(public Place $place, public string $words)
    {
    }
}
