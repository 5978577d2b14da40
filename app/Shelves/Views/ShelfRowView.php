<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** A shelf in the list of them. */
final readonly class ShelfRowView
{
    /** @param  list<string>  $remarks  what is amiss with it */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $picture,
        public bool $ruled,
        public string $fills,
        public string $standing,
        public int $goods,
        public int $buyable,
        public array $remarks,
    ) {
    }
}
