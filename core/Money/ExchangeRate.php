<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use Brick\Math\BigRational;

/**
 * What one whole unit of a foreign currency costs in the stall's own, on a day, and the cushion added for its moving.
 *
 * The rate is between whole units ("1 USD = 0.79 GBP"); decimals of either currency are taken care of here.
 */
final readonly class ExchangeRate
{
    private function __construct(
        public Currency $from,
        public Currency $to,
        public BigRational $rate,
        public int $cushionBp,
        public string $day,
    ) {
    }

    /**
     * @param  string  $rate  a positive decimal, e.g. "0.79"
     * @param  int  $cushionBp  basis points added on top, e.g. 200 for 2%
     * @param  string  $day  the rate's date, YYYY-MM-DD
     */
    public static function of(Currency $from, Currency $to, string $rate, int $cushionBp, string $day): self
    {
        $value = BigRational::of($rate);
        if ($value->isNegativeOrZero()) {
            throw new \InvalidArgumentException('An exchange rate is above nought.');
        }

        return new self($from, $to, $value, $cushionBp, $day);
    }

    public static function none(Currency $currency): self
    {
        return new self($currency, $currency, BigRational::one(), 0, '');
    }

    /** Converts, cushion included, rounded half up once. */
    public function convert(Money $amount): Money
    {
        if (! $amount->currency->is($this->from)) {
            throw CurrencyMismatch::between($amount->currency, $this->from);
        }
        $minor = $amount->rational()
            ->multipliedBy($this->rate)
            ->multipliedBy(BigRational::of(10_000 + $this->cushionBp)->dividedBy(10_000))
            ->multipliedBy($this->to->minorPerUnit())
            ->dividedBy($this->from->minorPerUnit());

        return Money::rounded($minor, $this->to);
    }
}
