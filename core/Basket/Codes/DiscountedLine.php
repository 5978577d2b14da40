<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** A line of a basket with what codes have left of its price. */
final readonly class DiscountedLine
{
    /**
     * @param  int  $key  by which lines that are alike are told apart, whichever way the basket was filled
     * @param  int  $pieces  from 1
     * @param  int  $left  minor units
     * @param  int  $goods  which it is of, so that variants of the same are known
     */
    public function __construct(public int $key, public int $pieces, public int $left, public int $goods = 0)
    {
    }

    /** @param  list<self>  $lines */
    public static function sum(array $lines): int
    {
        return array_sum(array_map(static fn (self $line): int => $line->left, $lines));
    }

    public function less(int $minor): self
    {
        return new self($this->key, $this->pieces, $this->left - $minor, $this->goods);
    }
}
