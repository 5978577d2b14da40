<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A colour of the blank, and how well the drawing is told from it. */
final readonly class ClothView
{
    /**
     * @param  int  $told  percent
     */
    public function __construct(
        public string $name,
        public string $hex,
        public bool $chosen,
        public int $told,
        public bool $hardly,
    ) {
    }
}
