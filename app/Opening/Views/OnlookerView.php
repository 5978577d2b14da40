<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Shop\Onlooker;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** Somebody who may look into the closed shop. */
final readonly class OnlookerView
{
    /** @param  string  $seen  when they looked last; "" where they didn't yet */
    public function __construct(
        public int $id,
        public string $name,
        public string $code,
        public string $address,
        public string $seen,
    ) {
    }

    /** @return list<self> in the order in which they were let in */
    public static function all(Stall $stall): array
    {
        return array_values(Onlooker::of($stall)->orderBy('id')->get()->map(static fn (Onlooker $one): self => new self(
            id: $one->id,
            name: $one->name,
            code: $one->code,
            address: $one->address($stall),
            seen: $one->seen_at === null ? '' : Clock::of($stall)->near($one->seen_at),
        ))->all());
    }
}
