<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** What a size costs, asks and keeps. */
final readonly class PrintedSizeView
{
    /**
     * @param  bool  $short  under the floor
     * @param  int  $share  percent of the price that is kept
     */
    public function __construct(
        public string $name,
        public bool $chosen,
        public string $costs,
        public string $asks,
        public string $keeps,
        public bool $loses,
        public bool $short,
        public int $share,
    ) {
    }
}
