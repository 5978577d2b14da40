<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Money;

/** Where one recipe takes over from another by cost: the same goods priced on either side of it. */
final readonly class Border
{
    /**
     * @param  Money  $at  the cost of the goods on the lower side
     * @param  Money  $below  the price there
     * @param  Money  $above  the price a minor unit of cost higher
     */
    public function __construct(
        public Money $at,
        public RuledRecipe $lower,
        public RuledRecipe $upper,
        public Money $below,
        public Money $above,
    ) {
    }

    /** @return int minor units that the price jumps by; below nought where it falls */
    public function jump(): int
    {
        return $this->above->minor - $this->below->minor;
    }
}
