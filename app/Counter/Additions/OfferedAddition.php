<?php

declare(strict_types=1);

namespace WindowStall\Counter\Additions;

use WindowStall\Bench\Pictures\Picture;

/** One of the goods that can be laid into the parcel of an order. */
final readonly class OfferedAddition
{
    /** @param  array<int, string>  $variants  by number: what is chosen, its price behind it; one without words where there is no choice */
    public function __construct(
        public string $title,
        public string $url,
        public ?Picture $picture,
        public array $variants,
        public string $price,
    ) {
    }

    /** What there is no choice about; null where there is one. */
    public function only(): ?string
    {
        return count($this->variants) === 1 ? array_values($this->variants)[0] : null;
    }
}
