<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\Weight;
use WindowStall\Core\Words\Plural;
use WindowStall\Opening\LeftPoints;
use WindowStall\Opening\LookAtShop;
use WindowStall\Stall\Stall;

/** What is left before the shop opens, what stops it first, and what stands. */
final readonly class WhatIsLeftView
{
    /**
     * @param  string  $head  how it is, in a sentence
     * @param  list<LeftItemView>  $items
     * @param  list<string>  $stands
     */
    public function __construct(
        public string $head,
        public array $items,
        public array $stands,
        public bool $open,
        public int $stops,
        public OpensView $opens,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $facts = app(LookAtShop::class)($stall);
        $items = $stands = [];
        foreach (LeftPoints::all() as $point) {
            $item = $point->left($facts);
            $item === null ? $stands[] = $point->stands($facts) : $items[] = $item;
        }
        usort($items, static fn (LeftItem $a, LeftItem $b): int => ($a->weight === Weight::Pity) <=> ($b->weight === Weight::Pity));
        $stops = count(array_filter($items, static fn (LeftItem $item): bool => $item->weight === Weight::Stops));

        return new self(
            head: self::head($stall, $stops, count($items) - $stops),
            items: array_map(static fn (LeftItem $item): LeftItemView => LeftItemView::of($stall, $item), $items),
            stands: array_values(array_filter($stands, static fn (string $words): bool => $words !== '')),
            open: $stall->open,
            stops: $stops,
            opens: OpensView::of($stall),
        );
    }

    private static function head(Stall $stall, int $stops, int $pities): string
    {
        $stop = Plural::spoken($stops, 'thing').($stops === 1 ? ' stops it' : ' stop it');
        $pity = Plural::spoken($pities, 'thing').' would be a pity';

        return match (true) {
            $stops === 0 && $pities === 0 => sprintf($stall->open ? '%s is open, and nothing is amiss.' : '%s can open: nothing is left.', $stall->name),
            $stops === 0 => sprintf($stall->open ? '%s is open; %s.' : '%s can open; %s.', $stall->name, $pity),
            $stall->open => sprintf('%s is open, though %s should stop it.', $stall->name, Plural::spoken($stops, 'thing')),
            $pities === 0 => sprintf('%s could open: %s.', $stall->name, $stop),
            default => sprintf('%s could open: %s, %s.', $stall->name, $stop, $pity),
        };
    }
}
