<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing;

use WindowStall\Core\Money\Money;

/**
 * How a computed price becomes one that people expect to see, such as 24.95.
 *
 * Rounds up: a price is never brought below the one that keeps what the recipe promised.
 */
final readonly class Ending
{
    /** @param  int  $minor the part below the whole unit, in minor units (95 for x.95) */
    public function __construct(public int $minor)
    {
        if ($minor < 0) {
            throw new \InvalidArgumentException('An ending is nought or more.');
        }
    }

    /** @throws EndingOutOfRange when the currency has no such part (95 in a currency without decimals) */
    public function atLeast(Money $price): Money
    {
        $unit = $price->currency->minorPerUnit();
        if ($this->minor >= $unit) {
            throw EndingOutOfRange::for($this->minor, $price->currency);
        }
        $candidate = intdiv($price->minor, $unit) * $unit + $this->minor;

        return $price->with($candidate >= $price->minor ? $candidate : $candidate + $unit);
    }
}
