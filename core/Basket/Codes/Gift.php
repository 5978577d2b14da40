<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** One piece of certain goods for nothing, beside others that are bought: the cheapest of what lies in the basket of them. */
final readonly class Gift implements Reduction
{
    /** @param  int  $goods  by which whoever asks knows them again */
    public function __construct(public int $goods)
    {
    }

    public function of(array $lines): int
    {
        return min(array_map(static fn (DiscountedLine $line): int => intdiv($line->left, $line->pieces), $lines));
    }

    public function turn(): int
    {
        return 0;
    }
}
