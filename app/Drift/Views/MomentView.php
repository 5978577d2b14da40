<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Bench\Listing;
use WindowStall\Drift\History\Moment;
use WindowStall\Drift\History\Timeline;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** One entry of a listing's timeline. */
final readonly class MomentView
{
    public function __construct(
        public string $at,
        public string $ago,
        public string $voice,
        public string $who,
        public string $about,
        public string $before,
        public string $after,
        public string $came,
        public ?int $settable,
    ) {
    }

    /** @return list<self> newest first */
    public static function all(Stall $stall, Listing $listing): array
    {
        return array_map(static fn (Moment $m): self => new self(
            at: Clock::of($stall)->moment($m->at),
            ago: $m->at->diffForHumans(),
            voice: $m->voice,
            who: $m->who,
            about: $m->about,
            before: mb_strimwidth($m->before, 0, 200, '…'),
            after: mb_strimwidth($m->after, 0, 200, '…'),
            came: $m->came,
            settable: $m->settable,
        ), Timeline::of($stall, $listing));
    }
}
