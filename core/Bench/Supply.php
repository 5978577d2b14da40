<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** One place a variant can be had from. */
final readonly class Supply
{
    /**
     * @param  int  $id  the supplier’s variant’s number
     * @param  int  $available  pieces that can still be sold
     * @param  bool  $use  whether the seller lets it stand in
     * @param  int|null  $landed  what one costs landed at home, in minor units of the stall's currency; null where it
     *     isn't delivered
     * @param  int|null  $days  working days until it is there, at most
     */
    public function __construct(
        public int $id,
        public int $available,
        public bool $use,
        public ?int $landed = null,
        public ?int $days = null,
    ) {
    }

    /**
     * Who sells a variant now: the first of the seller's order while it has it. When it is out, of those that have it
     * the one that costs least landed, the sooner of two that cost the same; when none has, the first the seller uses.
     *
     * @param  non-empty-list<self>  $sources  in the seller's order
     */
    public static function selling(array $sources): self
    {
        $used = array_values(array_filter($sources, static fn (self $s): bool => $s->use));
        if (($used[0]->available ?? 0) > 0) {
            return $used[0];
        }
        $having = array_values(array_filter($used, static fn (self $s): bool => $s->available > 0));
        // Stable: of those that are alike in all, the seller's order decides.
        usort(
            $having,
            static fn (self $a, self $b): int => [$a->landed ?? PHP_INT_MAX, $a->days ?? PHP_INT_MAX] <=> [
                $b->landed ?? PHP_INT_MAX,
                $b->days ?? PHP_INT_MAX,
            ],
        );

        return $having[0] ?? ($used[0] ?? $sources[0]);
    }
}
