<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Weight;
use WindowStall\Stall\Stall;

/** Something that is left before the shop opens, with the way to where it is mended. */
final readonly class LeftItemView
{
    /** @param  bool  $here  whether it is mended by rehearsing */
    public function __construct(
        public bool $stops,
        public string $head,
        public string $words,
        public string $href,
        public string $button,
        public bool $here,
    ) {
    }

    public static function of(Stall $stall, LeftItem $item): self
    {
        return new self(
            stops: $item->weight === Weight::Stops,
            head: $item->head,
            words: $item->words,
            href: MendedPlace::address($stall, $item->at),
            button: $item->button,
            here: $item->at === MendedAt::Opening,
        );
    }
}
