<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * An amount in whole minor units of one currency. Never a float; sums of two currencies are refused.
 *
 *     Money::parse('18.95', Currency::of('GBP'))->times(2)->digits() // "37.90"
 *     Money::of(1200, 'JPY')->digits()                               // "1200": the yen has no smaller part
 */
final readonly class Money
{
    /** The most a person may type for one amount, in whole units. */
    public const MOST_UNITS = 1_000_000;

    /** @param  int  $minor  whole minor units: pence, cents; yen as they are */
    public function __construct(public int $minor, public Currency $currency)
    {
    }

    /** @param  int  $minor  whole minor units */
    public static function of(int $minor, string $currency): self
    {
        return new self($minor, Currency::of($currency));
    }

    /** @param  int  $minor  pence */
    public static function gbp(int $minor): self
    {
        return self::of($minor, 'GBP');
    }

    public static function zero(Currency $currency): self
    {
        return new self(0, $currency);
    }

    /**
     * Reads what a person typed: "18.95", "1,250.00", "£18.95", "18,95" (a comma before the last one or two digits is a
     * decimal sign).
     *
     * @throws MoneyUnreadable
     */
    public static function parse(string $text, Currency $currency): self
    {
        $bare =
            preg_replace(
                '/[\s\x{00A0}\x{202F}]|\p{Sc}|^'.$currency->code.'|'.$currency->code.'$/u',
                '',
                trim($text),
            ) ?? '';
        if (preg_match('/^(\d{1,3}(?:[.\s]\d{3})*|\d+),(\d{1,2})$/D', $bare, $m) === 1 && ! str_contains($m[2], '.')) {
            $bare = str_replace('.', '', $m[1]).'.'.$m[2];
        } elseif (preg_match('/^-?\d{1,3}(,\d{3})+(\.\d+)?$/D', $bare) === 1) {
            $bare = str_replace(',', '', $bare);
        }
        if (preg_match('/^-?\d{1,15}(\.\d*)?$/D', $bare) !== 1) {
            throw preg_match('/^-?\d{16,}/', $bare) === 1
                ? MoneyUnreadable::tooLarge($text)
                : MoneyUnreadable::amount($text);
        }
        $parts = explode('.', ltrim($bare, '-').'.');
        $fraction = rtrim($parts[1], '0');
        if (strlen($fraction) > $currency->decimals) {
            throw MoneyUnreadable::tooFine($text, $currency);
        }
        if ((int) $parts[0] > self::MOST_UNITS) {
            throw MoneyUnreadable::tooLarge($text);
        }
        $minor = (int) $parts[0] * $currency->minorPerUnit() + (int) str_pad($fraction, $currency->decimals, '0');

        return new self(str_starts_with($bare, '-') ? -$minor : $minor, $currency);
    }

    /** Rounds a rational count of minor units half up (away from zero): the one place where an amount is rounded. */
    public static function rounded(BigRational $minor, Currency $currency): self
    {
        return new self($minor->toScale(0, RoundingMode::HALF_UP)->toInt(), $currency);
    }

    /** @throws CurrencyMismatch */
    public function plus(self $other): self
    {
        $this->mustMatch($other);

        return new self($this->minor + $other->minor, $this->currency);
    }

    /** @throws CurrencyMismatch */
    public function minus(self $other): self
    {
        $this->mustMatch($other);

        return new self($this->minor - $other->minor, $this->currency);
    }

    /** @param  int  $count  so many of it */
    public function times(int $count): self
    {
        return new self($this->minor * $count, $this->currency);
    }

    /** @param  int  $minor  whole minor units of the same currency */
    public function with(int $minor): self
    {
        return new self($minor, $this->currency);
    }

    /**
     * -1, 0 or 1, as `<=>`.
     *
     * @throws CurrencyMismatch
     */
    public function compare(self $other): int
    {
        $this->mustMatch($other);

        return $this->minor <=> $other->minor;
    }

    public function isNegative(): bool
    {
        return $this->minor < 0;
    }

    public function rational(): BigRational
    {
        return BigRational::of($this->minor);
    }

    /** As a sentence says it, with the sign of its currency: "£18.95", "−£1.37", "12.00 CZK". */
    public function said(): string
    {
        $absolute = $this->with(abs($this->minor))->digits();
        $sign = ['GBP' => '£', 'EUR' => '€'][$this->currency->code] ?? null;

        return ($this->minor < 0 ? '−' : '').($sign === null ? $absolute.' '.$this->currency->code : $sign.$absolute);
    }

    /** "18.95", "-3.00", "1200": plain digits with a full stop, as prices are written into forms and data. */
    public function digits(): string
    {
        $unit = $this->currency->minorPerUnit();
        $abs = abs($this->minor);
        $sign = $this->minor < 0 ? '-' : '';
        if ($this->currency->decimals === 0) {
            return $sign.$abs;
        }

        return $sign.
            intdiv($abs, $unit).
            '.'.
            str_pad((string) ($abs % $unit), $this->currency->decimals, '0', STR_PAD_LEFT);
    }

    private function mustMatch(self $other): void
    {
        if (! $this->currency->is($other->currency)) {
            throw CurrencyMismatch::between($this->currency, $other->currency);
        }
    }
}
