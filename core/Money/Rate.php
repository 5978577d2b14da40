<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

/**
 * A share such as a tax, a fee or a margin, in whole parts of a million: 0.019 is 19,000.
 *
 *     Rate::bp(2000)->of(Money::gbp(1895))   // 3.79: 20% of 18.95, rounded half up
 *     Rate::parse('0.019')->percent()        // "1.9%"
 */
final readonly class Rate
{
    public const WHOLE = 1_000_000;

    /**
     * @param  int  $millionths  of a whole: 200,000 is 20%
     *
     * @throws RateUnreadable outside nought to ten times the whole
     */
    public function __construct(public int $millionths)
    {
        if ($millionths < 0 || $millionths > 10 * self::WHOLE) {
            throw RateUnreadable::range();
        }
    }

    public static function none(): self
    {
        return new self(0);
    }

    /** @param  int  $bp  basis points: 2000 for 20% */
    public static function bp(int $bp): self
    {
        return new self($bp * 100);
    }

    /**
     * Reads a decimal: "0.019" is 1.9%.
     *
     * @throws RateUnreadable
     */
    public static function parse(string $decimal): self
    {
        if (preg_match('/^(\d{1,3})(?:\.(\d+))?$/D', $decimal, $m) !== 1) {
            throw RateUnreadable::text($decimal);
        }
        $part = rtrim($m[2] ?? '', '0');
        if (strlen($part) > 6) {
            throw RateUnreadable::fine($decimal);
        }

        return new self((int) $m[1] * self::WHOLE + (int) str_pad($part, 6, '0'));
    }

    /** This share of an amount, rounded half up once. */
    public function of(Money $amount): Money
    {
        return $amount->with(Rounding::halfUp($amount->minor, $this->millionths, self::WHOLE));
    }

    /** "1.9%", "20%". */
    public function percent(): string
    {
        return rtrim(
            rtrim(sprintf('%d.%04d', intdiv($this->millionths, 10_000), $this->millionths % 10_000), '0'),
            '.',
        ).'%';
    }
}
