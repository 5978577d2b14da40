<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** One place a variant can be had from. */
final readonly class Source
{
    /**
     * @param  int  $available  pieces that can still be sold
     * @param  bool  $use  whether the seller lets it stand in
     */
    public function __construct(public int $id, public int $available, public bool $use)
    {
    }

    /**
     * Who sells a variant now: the first that has it, in the seller's order; when none has, the first the seller uses.
     *
     * @param  non-empty-list<self>  $sources  in the seller's order
     */
    public static function selling(array $sources): self
    {
        $used = array_values(array_filter($sources, static fn (self $s): bool => $s->use));
        foreach ($used as $source) {
            if ($source->available > 0) {
                return $source;
            }
        }

        return $used[0] ?? $sources[0];
    }
}
