<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * The rates a new stall begins with, so that foreign costs can be shown at all; the seller sets their own after that.
 */
final class ReferenceRates
{
    public const DAY = '2026-11-02';

    /** Units of each currency that one US dollar buys. */
    private const PER_DOLLAR = [
        'USD' => '1',
        'GBP' => '0.79',
        'EUR' => '0.92',
        'CHF' => '0.88',
        'DKK' => '6.87',
        'NOK' => '10.8',
        'SEK' => '10.4',
        'PLN' => '3.95',
        'CAD' => '1.37',
        'AUD' => '1.52',
        'NZD' => '1.66',
        'JPY' => '150',
    ];

    /** @return list<string> the currencies a stall can keep its prices in */
    public static function currencies(): array
    {
        return array_keys(self::PER_DOLLAR);
    }

    /** @return array<string, string> from-currency → how much of the stall's currency one unit costs */
    public static function into(string $currency): array
    {
        $rates = [];
        foreach (self::PER_DOLLAR as $from => $perDollar) {
            if ($from !== $currency) {
                $rates[$from] = (string) BigDecimal::of(self::PER_DOLLAR[$currency])->dividedBy(
                    $perDollar,
                    8,
                    RoundingMode::HALF_UP,
                );
            }
        }

        return $rates;
    }
}
