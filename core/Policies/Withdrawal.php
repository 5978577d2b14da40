<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/**
 * How long shoppers may cancel what they bought at a distance, by law: 14 days in the European Economic Area (Directive
 * 2011/83/EU, Article 9) and in the United Kingdom (Consumer Contracts Regulations 2013, regulation 30).
 */
final class Withdrawal
{
    public const DAYS = 14;

    private const COUNTRIES = [
        'AT', 'BE', 'BG', 'CY', 'CZ', 'DE', 'DK', 'EE', 'ES', 'FI', 'FR', 'GB', 'GR', 'HR', 'HU', 'IE', 'IS', 'IT', 'LI',
        'LT', 'LU', 'LV', 'MT', 'NL', 'NO', 'PL', 'PT', 'RO', 'SE', 'SI', 'SK',
    ];

    /** @param  string  $country  ISO 3166 */
    public static function leastDays(string $country): int
    {
        return in_array($country, self::COUNTRIES, true) ? self::DAYS : 0;
    }
}
