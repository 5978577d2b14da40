<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use WindowStall\Core\Money\Money;

/** How a price is made from what the thing costs in the shopper's hands: landed cost × factor, rounded up to an ending. */
final readonly class Recipe
{
    /** @param  int  $factorBp the factor in basis points: 24000 is × 2.4 */
    public function __construct(public int $factorBp, public Ending $ending)
    {
        if ($factorBp < 1) {
            throw new \InvalidArgumentException('A recipe’s factor is above nought.');
        }
    }

    /** @throws EndingOutOfRange */
    public function price(Money $landed): Money
    {
        $minor = BigRational::of($landed->minor)->multipliedBy($this->factorBp)->dividedBy(10_000);
        // Up, not half up: rounding down before the ending could lose the last penny of what was promised.
        $raw = $landed->with($minor->toScale(0, RoundingMode::CEILING)->toInt());

        return $this->ending->atLeast($raw);
    }

    /** "landed × 2.4, ends .95" */
    public function words(): string
    {
        $factor = rtrim(rtrim(sprintf('%d.%04d', intdiv($this->factorBp, 10_000), $this->factorBp % 10_000), '0'), '.');

        return sprintf('landed × %s, ends .%02d', $factor, $this->ending->minor);
    }
}
