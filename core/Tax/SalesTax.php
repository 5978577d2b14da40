<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;

/**
 * A sales tax that stands inside the price, such as the 20% VAT of British shop prices, or that is put on top of it.
 */
final readonly class SalesTax
{
    /** @param  int|null  $known  what it came to in fact, minor units; null where it is worked out */
    private function __construct(public Rate $rate, public bool $included, private ?int $known = null)
    {
        if ($rate->millionths > Rate::WHOLE) {
            throw new \InvalidArgumentException('A tax rate lies between 0% and 100%.');
        }
    }

    public static function included(Rate $rate): self
    {
        return new self($rate, true);
    }

    public static function onTop(Rate $rate): self
    {
        return new self($rate, false);
    }

    /** What it came to on a sale that was made, whatever rates that had; to be asked of that sale only. */
    public function known(Money $tax): self
    {
        return new self($this->rate, $this->included, $tax->minor);
    }

    /**
     * The tax on what the shop asks, rounded half up once: within it G − G ÷ (1 + t), or on top of it t × R.
     *
     * @param  Money  $asked  price and delivery as the shop shows them
     */
    public function on(Money $asked): Money
    {
        return $asked->with($this->minorOn($asked->minor));
    }

    /**
     * The same in bare minor units, for working out many.
     *
     * @param  int  $asked  in minor units
     */
    public function minorOn(int $asked): int
    {
        return $this->known ?? Rounding::halfUp(
            $asked,
            $this->rate->millionths,
            $this->included ? Rate::WHOLE + $this->rate->millionths : Rate::WHOLE,
        );
    }

    /** What the shopper pays, tax and all. */
    public function gross(Money $asked): Money
    {
        return $this->included ? $asked : $asked->plus($this->on($asked));
    }
}
