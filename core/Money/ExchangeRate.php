<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use Brick\Math\BigRational;

/**
 * What one whole unit of a foreign currency costs in the stall's own, on a day, and the cushion added for its moving.
 *
 * The rate is between whole units ("1 USD = 0.79 GBP"); decimals of either currency are taken care of here.
 *
 *     $dollars = ExchangeRate::of(Currency::of('USD'), Currency::of('GBP'), '0.79', 200, '2026-11-26');
 *     $dollars->convert(Money::of(540, 'USD')) // 4.35 GBP: 5.40 × 0.79 × 1.02, rounded once
 */
final readonly class ExchangeRate
{
    /** Minor units of one currency into those of the other, cushion included, in lowest terms. */
    private BigRational $factor;

    /** @var array{int, int}|null the same as a fraction of machine words, where it is one */
    private ?array $whole;

    private function __construct(
        public Currency $from,
        public Currency $to,
        public BigRational $rate,
        public int $cushionBp,
        public string $day,
    ) {
        $this->factor = $rate
            ->multipliedBy(10_000 + $cushionBp)
            ->multipliedBy($to->minorPerUnit())
            ->dividedBy($from->minorPerUnit())
            ->dividedBy(10_000)
            ->simplified();
        $most = 1_000_000_000;
        $this->whole =
            $this->factor->getNumerator()->isGreaterThan($most) || $this->factor->getDenominator()->isGreaterThan($most)
                ? null
                : [$this->factor->getNumerator()->toInt(), $this->factor->getDenominator()->toInt()];
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

    /**
     * Converts, cushion included, rounded half up once.
     *
     * @throws CurrencyMismatch when the amount is in another currency than the rate is from
     */
    public function convert(Money $amount): Money
    {
        if ($amount->currency->code !== $this->from->code) {
            throw CurrencyMismatch::between($amount->currency, $this->from);
        }
        $whole = $this->inWholeNumbers($amount->minor);

        return $whole === null
            ? Money::rounded($amount->rational()->multipliedBy($this->factor), $this->to)
            : new Money($whole, $this->to);
    }

    /**
     * Converts, cushion included, without rounding: a rational count of minor units.
     *
     * The amount's currency is whoever calls it's to know; {@see convert()} checks it.
     */
    public function exactly(Money $amount): BigRational
    {
        return $amount->rational()->multipliedBy($this->factor);
    }

    /**
     * @return array{int, int}|null minor units into minor units as a fraction of machine words, cushion included; null
     *     where it needs larger numbers
     */
    public function wholeFraction(): ?array
    {
        return $this->whole;
    }

    /** The same by whole numbers, a hundred thousand costs at a time; null when they would overflow. */
    private function inWholeNumbers(int $minor): ?int
    {
        if ($this->whole === null || $minor < 0 || $minor > 1_000_000_000) {
            return null;
        }
        [$numerator, $denominator] = $this->whole;

        return intdiv(2 * $minor * $numerator + $denominator, 2 * $denominator);
    }
}
