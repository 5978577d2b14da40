<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;

/** A share of what they come to, rounded half up once over all of them. */
final readonly class PercentOff implements Reduction
{
    /** @param  Rate  $share  up to the whole */
    public function __construct(public Rate $share)
    {
        if ($share->millionths > Rate::WHOLE) {
            throw new \InvalidArgumentException('No more than all of it can be taken off.');
        }
    }

    public function of(array $lines): int
    {
        return Rounding::halfUp(DiscountedLine::sum($lines), $this->share->millionths, Rate::WHOLE);
    }

    public function turn(): int
    {
        return 3;
    }
}
