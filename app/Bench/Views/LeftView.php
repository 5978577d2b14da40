<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** A listing that can't be shown yet. */
final readonly class LeftView
{
    /** @param  list<LackView>  $lacks */
    public function __construct(public int $id, public string $title, public array $lacks)
    {
    }
}
