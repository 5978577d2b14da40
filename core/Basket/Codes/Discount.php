<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Money\Money;

/** What is taken off a basket, and under what conditions as far as the basket itself can tell. */
final readonly class Discount
{
    /**
     * @param  int  $id  by which whoever asks knows it again
     * @param  list<int>|null  $lines  keys of the lines it holds for; all where null
     * @param  Money|null  $least  what those lines have to come to before anything is taken off
     * @param  list<int>|null  $beside  keys of the lines that have to come to that, where it isn't those it holds for
     * @param  bool  $together  whether it goes together with others that do
     * @param  array<int, int>  $floors  key → below what its line may not be brought; none where the seller allows it
     */
    public function __construct(
        public int $id,
        public Reduction $reduction,
        public ?array $lines = null,
        public ?Money $least = null,
        public bool $together = true,
        public array $floors = [],
        public ?array $beside = null,
    ) {
    }

    public function holds(int $key): bool
    {
        return $this->lines === null || in_array($key, $this->lines, true);
    }
}
