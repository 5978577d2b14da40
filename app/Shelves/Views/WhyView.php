<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** Why a listing stands on a shelf, or why not. */
final readonly class WhyView
{
    /**
     * @param  string  $place  what a person said of it: pin, in, at, out or nothing
     * @param  list<ReasonView>  $reasons
     */
    public function __construct(
        public int $listing,
        public string $title,
        public ?string $picture,
        public bool $on,
        public string $place,
        public string $because,
        public array $reasons,
    ) {
    }
}
