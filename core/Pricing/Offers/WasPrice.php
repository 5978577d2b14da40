<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Money\Money;

/**
 * A price that stood before, shown beside the price now.
 *
 * Where a market's law says so the lowest price of the 30 days before is shown, and only a price that was really asked
 * may stand there (Directive 98/6/EC, article 6a, as amended by Directive (EU) 2019/2161).
 */
final class WasPrice
{
    public const DAYS = 30;

    /** The European Union's member states, and those of the European Economic Area that took the rule over. */
    private const DEMAND = [
        'AT',
        'BE',
        'BG',
        'HR',
        'CY',
        'CZ',
        'DK',
        'EE',
        'FI',
        'FR',
        'DE',
        'GR',
        'HU',
        'IE',
        'IT',
        'LV',
        'LT',
        'LU',
        'MT',
        'NL',
        'PL',
        'PT',
        'RO',
        'SK',
        'SI',
        'ES',
        'SE',
        'IS',
        'LI',
        'NO',
    ];

    public static function demandedIn(string $market): bool
    {
        return in_array($market, self::DEMAND, true);
    }

    /**
     * Why a was-price can't stand; null when it can.
     *
     * @param  Money|null  $lowest  the lowest price asked in the 30 days before the price now; null when none was
     * @param  bool  $asked  whether this very price was asked in that time
     */
    public static function refusal(Money $was, Money $price, string $market, ?Money $lowest, bool $asked): ?string
    {
        return match (true) {
            $was->compare($price) <= 0 => sprintf(
                'A was-price stands above the price: %s isn’t above %s.',
                $was->said(),
                $price->said(),
            ),
            ! self::demandedIn($market) => null,
            $lowest === null => sprintf(
                'Nothing was asked for it here in the last %d days, so there is no was-price to show.',
                self::DAYS,
            ),
            ! $asked => sprintf(
                '%s was never asked here in the last %d days. The lowest price of that time was %s.',
                $was->said(),
                self::DAYS,
                $lowest->said(),
            ),
            default => null,
        };
    }

    /**
     * The lowest price in force at any time in the 30 days before an instant.
     *
     * @param  list<array{at: int, minor: int}>  $history  prices from when they were asked (seconds), oldest first
     * @param  int  $until  the instant at which the price now began, in seconds
     */
    public static function lowest(array $history, int $until): ?int
    {
        $from = $until - self::DAYS * 86_400;
        $lowest = null;
        foreach ($history as $n => $price) {
            $ends = $history[$n + 1]['at'] ?? $until;
            if ($price['at'] < $until && $ends > $from) {
                $lowest = min($lowest ?? $price['minor'], $price['minor']);
            }
        }

        return $lowest;
    }
}
