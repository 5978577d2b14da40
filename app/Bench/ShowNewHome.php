<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Source\Events\HomeMoved;

/** Listens to HomeMoved: what listings show is made anew. */
final readonly class ShowNewHome
{
    public function __construct(private ProjectListings $project)
    {
    }

    public function handle(HomeMoved $moved): void
    {
        ($this->project)($moved->stall);
    }
}
