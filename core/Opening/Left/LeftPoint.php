<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left;

/** One thing a shop has to have before it opens. Every class in Points is one of them. */
interface LeftPoint
{
    /** What is left of it; null where nothing is, or where it doesn't matter to this stall. */
    public function left(LeftFacts $facts): ?LeftItem;

    /** What stands, in a few words; "" where something is left of it, or it doesn't matter to this stall. */
    public function stands(LeftFacts $facts): string;

    /** Where it comes among its like: the lowest first. */
    public function rank(): int;
}
