<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** Something that needs a person: a sentence, what there is to know, and the ways out, the proposed one first. */
final readonly class NeedView
{
    /**
     * @param  string  $key  the same as long as it is the same need
     * @param  list<NeedWayView>  $ways
     */
    public function __construct(
        public string $key,
        public string $kind,
        public int $order,
        public int $number,
        public ?string $picture,
        public string $title,
        public string $about,
        public array $ways,
    ) {
    }
}
