<?php

declare(strict_types=1);

namespace WindowStall\Support\Views;

use NumberFormatter;
use WindowStall\Core\Money\Money;
use WindowStall\Support\Speech\Speech;

/**
 * An amount ready to be shown: `text` with its currency sign, `digits` as one types it, `absolute` as in "loses £1.37".
 */
final readonly class MoneyView
{
    /** @param  int  $sign  -1 below nothing, 0 nothing, 1 above */
    public function __construct(
        public int $minor,
        public string $currency,
        public string $text,
        public string $digits,
        public string $absolute,
        public int $sign,
    ) {
    }

    public static function of(Money $money): self
    {
        return new self(
            minor: $money->minor,
            currency: $money->currency->code,
            text: self::text($money),
            digits: $money->digits(),
            absolute: self::absolute($money),
            sign: $money->minor <=> 0,
        );
    }

    public static function ofNullable(?Money $money): ?self
    {
        return $money === null ? null : self::of($money);
    }

    /** "£18.95", "€4.00", "−£1.37"; as the language that is being spoken writes it */
    public static function text(Money $money): string
    {
        return ($money->minor < 0 ? '−' : '').self::absolute($money);
    }

    private static function absolute(Money $money): string
    {
        static $formatters = [];
        $locale = Speech::locale();
        $formatter = $formatters[$locale.$money->currency->code] ??= new NumberFormatter($locale, NumberFormatter::CURRENCY);
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $money->currency->decimals);

        // Formatting only: the exact digits come from the minor units, and 15 significant digits hold any amount a till
        // can.
        return (string) $formatter->formatCurrency(
            abs($money->minor) / $money->currency->minorPerUnit(),
            $money->currency->code,
        );
    }
}
