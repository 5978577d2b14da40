<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** One step of a recipe: up to which cost it counts, and how a price is made there. */
final readonly class Step
{
    /**
     * @param  Money|null  $upTo  the highest cost it counts for, that cost included; null for all above
     * @param  int  $factor  in millionths, for {@see StepMethod::Factor}
     */
    private function __construct(
        public ?Money $upTo,
        public StepMethod $method,
        public int $factor,
        public ?Money $amount,
        public ?Rate $margin,
    ) {
    }

    /** @param  int  $millionths  2,400,000 for × 2.4 */
    public static function factor(int $millionths, ?Money $upTo = null): self
    {
        if ($millionths < 1) {
            throw new \InvalidArgumentException('A recipe’s factor is above nought.');
        }

        return new self($upTo, StepMethod::Factor, $millionths, null, null);
    }

    public static function add(Money $amount, ?Money $upTo = null): self
    {
        return new self($upTo, StepMethod::Add, 0, $amount, null);
    }

    /** A share of the receipts to keep, everything paid. */
    public static function margin(Rate $margin, ?Money $upTo = null): self
    {
        return new self($upTo, StepMethod::Margin, 0, null, $margin);
    }

    /** An amount to keep of each sale, everything paid. */
    public static function keep(Money $amount, ?Money $upTo = null): self
    {
        return new self($upTo, StepMethod::Keep, 0, $amount, null);
    }

    public function covers(Money $cost): bool
    {
        return $this->upTo === null || $cost->minor <= $this->upTo->minor;
    }

    /**
     * The price before its ending.
     *
     * @param  Money  $cost  what the recipe starts from
     * @param  Money  $landed  what is paid in any case
     * @param  bool  $up  whether a fraction of a minor unit counts as a whole one, as it must before an ending upwards
     * @return Money|null null where no price meets the target
     */
    public function price(Money $cost, Money $landed, SaleTerms $terms, bool $up): ?Money
    {
        return match ($this->method) {
            StepMethod::Factor => $cost->with(
                $up
                    ? Rounding::up($cost->minor, $this->factor, Rate::WHOLE)
                    : Rounding::halfUp($cost->minor, $this->factor, Rate::WHOLE),
            ),
            StepMethod::Add => $cost->plus($this->amount ?? Money::zero($cost->currency)),
            StepMethod::Margin => $terms->priceKeeping($landed, Money::zero($cost->currency), $this->margin),
            StepMethod::Keep => $terms->priceKeeping($landed, $this->amount ?? Money::zero($cost->currency)),
        };
    }

    /** "× 2.4", "+ 3.00", "a margin of 30%", "keeping 4.00". */
    public function words(): string
    {
        return match ($this->method) {
            StepMethod::Factor => '× '.
                rtrim(
                    rtrim(sprintf('%d.%06d', intdiv($this->factor, Rate::WHOLE), $this->factor % Rate::WHOLE), '0'),
                    '.',
                ),
            StepMethod::Add => '+ '.$this->amount?->digits(),
            StepMethod::Margin => 'for a margin of '.$this->margin?->percent(),
            StepMethod::Keep => 'to keep '.$this->amount?->digits(),
        };
    }
}
