<?php

declare(strict_types=1);

namespace WindowStall\Support\Views;

use NumberFormatter;
use WindowStall\Core\Money\Money;

/** An amount ready to be shown: `text` with its currency sign, `digits` as one types it. */
final readonly class MoneyView
{
    public function __construct(
        public int $minor,
        public string $currency,
        public string $text,
        public string $digits,
    ) {
    }

    public static function of(Money $money): self
    {
        return new self(
            minor: $money->minor,
            currency: $money->currency->code,
            text: self::text($money),
            digits: $money->digits(),
        );
    }

    public static function ofNullable(?Money $money): ?self
    {
        return $money === null ? null : self::of($money);
    }

    /** "£18.95", "€4.00", "−£1.37" */
    public static function text(Money $money): string
    {
        static $formatters = [];
        $formatter = $formatters[$money->currency->code] ??= new NumberFormatter('en_GB', NumberFormatter::CURRENCY);
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $money->currency->decimals);
        // Formatting only: the exact digits come from the minor units, and 15 significant digits hold any amount a till
        // can.
        $text = (string) $formatter->formatCurrency(
            abs($money->minor) / $money->currency->minorPerUnit(),
            $money->currency->code,
        );

        return ($money->minor < 0 ? '−' : '').$text;
    }
}
