<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** Something shoppers looked for and didn't find, and what could answer it. */
final readonly class SearchedView
{
    /**
     * @param  string|null  $like  words of the goods that are like it
     * @param  string|null  $shelf  a shelf that is called like it
     * @param  int  $items  suppliers' items that are called so
     */
    public function __construct(
        public string $words,
        public int $times,
        public ?string $like,
        public ?string $shelf,
        public ?int $shelfId,
        public int $items,
    ) {
    }
}
