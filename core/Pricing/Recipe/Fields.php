<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use Brick\Math\BigDecimal;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\RateUnreadable;

/**
 * Reads what a program or a form wrote down, decimal strings and all, and keeps a sentence for each field that can't be
 * read.
 */
final class Fields
{
    /** @var array<string, string> path → sentence */
    private array $problems = [];

    /**
     * @param  array<mixed>  $written
     * @param  list<string>  $lists  paths at which the notation itself has a list, where it tells lists from objects
     */
    public function __construct(private readonly array $written, private readonly array $lists = [])
    {
    }

    /** What stands there; null where nothing does. A value where fields belong is a problem. */
    public function get(string $path): mixed
    {
        $found = $this->written;
        $keys = explode('.', $path);
        foreach ($keys as $n => $key) {
            $list = ! ctype_digit($key) && in_array(implode('.', array_slice($keys, 0, $n)), $this->lists, true);
            if ($found !== null && (! is_array($found) || $list)) {
                $this->problem(implode('.', array_slice($keys, 0, $n)), 'An object with fields belongs here.');
            }
            if (! is_array($found) || ! array_key_exists($key, $found)) {
                return null;
            }
            $found = $found[$key];
        }

        return $found;
    }

    /** Whether a list was written there. */
    public function isList(string $path): bool
    {
        return in_array($path, $this->lists, true);
    }

    public function has(string $path): bool
    {
        return $this->get($path) !== null;
    }

    public function problem(string $path, string $sentence): void
    {
        $this->problems[$path] ??= $sentence;
    }

    /** @return array<string, string> path → sentence */
    public function problems(): array
    {
        return $this->problems;
    }

    public function currency(string $path): Currency
    {
        $code = $this->get($path);
        try {
            return Currency::of(is_string($code) ? $code : '');
        } catch (MoneyUnreadable) {
            $this->problem($path, 'A currency is three capital letters, such as "GBP".');

            return Currency::of('XXX');
        }
    }

    /** A decimal string of a currency; nought when it is missing and need not be there. */
    public function amount(string $path, Currency $currency, bool $required = true, bool $negative = false): Money
    {
        $text = $this->get($path);
        if ($text === null && ! $required) {
            return Money::zero($currency);
        }
        if (! is_string($text) || preg_match('/^-?\d{1,15}(\.\d+)?$/D', $text) !== 1) {
            $this->problem(
                $path,
                $text === null
                    ? 'An amount is missing here.'
                    : 'An amount is a decimal string with a full stop, such as "4.20".',
            );

            return Money::zero($currency);
        }
        try {
            $money = Money::parse($text, $currency);
        } catch (MoneyUnreadable $e) {
            $this->problem($path, $e->getMessage());

            return Money::zero($currency);
        }
        if ($money->isNegative() && ! $negative) {
            $this->problem($path, 'This can’t be below nothing.');

            return Money::zero($currency);
        }

        return $money;
    }

    /**
     * A share as a decimal string; nought when it is missing and need not be there.
     *
     * @param  int  $most  in millionths
     */
    public function rate(
        string $path,
        bool $required = true,
        int $most = Rate::WHOLE,
        string $over = 'A rate lies between "0" and "1": 0.2 is 20%.',
    ): Rate {
        $text = $this->get($path);
        if ($text === null && ! $required) {
            return Rate::none();
        }
        try {
            $rate = Rate::parse(is_string($text) ? $text : '');
        } catch (RateUnreadable $e) {
            $this->problem(
                $path,
                $text === null
                    ? 'A rate is missing here.'
                    : (is_string($text)
                        ? $e->getMessage()
                        : 'A rate is a decimal string, such as "0.019".'),
            );

            return Rate::none();
        }
        if ($rate->millionths > $most) {
            $this->problem($path, $over);

            return Rate::none();
        }

        return $rate;
    }

    /** A factor as a decimal string, in millionths. */
    public function factor(string $path): int
    {
        $text = $this->get($path);
        if (
            ! is_string($text) ||
            preg_match('/^\d{1,4}(\.\d{1,6})?$/D', $text) !== 1 ||
            ! BigDecimal::of($text)->isPositive()
        ) {
            $this->problem(
                $path,
                'A factor is a decimal string above nought with six decimals at most, such as "2.4".',
            );

            return Rate::WHOLE;
        }

        return BigDecimal::of($text)->multipliedBy(Rate::WHOLE)->toInt();
    }

    /** An exchange rate as a decimal string. */
    public function exchange(string $path): string
    {
        $text = $this->get($path);
        if (
            ! is_string($text) ||
            preg_match('/^\d{1,9}(\.\d{1,10})?$/D', $text) !== 1 ||
            ! BigDecimal::of($text)->isPositive()
        ) {
            $this->problem($path, 'An exchange rate is a decimal string above nought, such as "0.78".');

            return '1';
        }

        return $text;
    }

    /**
     * @param  int  $least  what is taken
     * @param  int  $most  what is taken
     * @param  int|null  $default  where nothing is given
     */
    public function whole(string $path, int $least, int $most, ?int $default = null): int
    {
        $value = $this->get($path) ?? $default;
        if (! is_int($value) || $value < $least || $value > $most) {
            $this->problem($path, sprintf('A whole number from %d to %d belongs here.', $least, $most));

            return $least;
        }

        return $value;
    }

    public function flag(string $path, bool $default): bool
    {
        $value = $this->get($path) ?? $default;
        if (! is_bool($value)) {
            $this->problem($path, 'True or false belongs here.');

            return $default;
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T  $default  when it is missing
     * @return T
     */
    public function choice(string $path, string $enum, \BackedEnum $default): \BackedEnum
    {
        $value = $this->get($path) ?? $default->value;
        $found = is_string($value) ? $enum::tryFrom($value) : null;
        if ($found === null) {
            $this->problem(
                $path,
                sprintf(
                    'One of these belongs here: %s.',
                    implode(
                        ', ',
                        array_map(static fn (\BackedEnum $c): string => '"'.$c->value.'"', $enum::cases()),
                    ),
                ),
            );

            return $default;
        }

        return $found;
    }
}
