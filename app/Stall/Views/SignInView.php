<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use WindowStall\Stall\Clock;
use WindowStall\Stall\SignIn;

/** A place where a person is signed in. */
final readonly class SignInView
{
    public function __construct(
        public string $id,
        public string $place,
        public string $address,
        public string $since,
        public string $seen,
        public bool $here,
    ) {
    }

    public static function of(SignIn $s, string $here): self
    {
        return new self(
            id: $s->id,
            place: $s->place(),
            address: $s->address,
            since: Clock::here()->day($s->created_at),
            seen: $s->seen_at->diffForHumans(),
            here: $s->id === $here,
        );
    }
}
