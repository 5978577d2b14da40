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
    public function __construct(
        public bool $stops,
        public string $head,
        public string $words,
        public string $href,
        public string $button,
    ) {
    }

    public static function of(Stall $stall, LeftItem $item): self
    {
        return new self(
            stops: $item->weight === Weight::Stops,
            head: $item->head,
            words: $item->words,
            href: route(self::at($item->at), $stall, absolute: false),
            button: $item->button,
        );
    }

    private static function at(MendedAt $at): string
    {
        return match ($at) {
            MendedAt::Source => 'source',
            MendedAt::Bench => 'bench',
            MendedAt::Board => 'pricing',
            MendedAt::Delivery => 'delivery',
            MendedAt::Taxes => 'taxes',
            MendedAt::Payment => 'counter.payment',
            MendedAt::Window => 'window',
            MendedAt::Pages => 'window.pages',
        };
    }
}
