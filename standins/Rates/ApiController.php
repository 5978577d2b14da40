<?php

declare(strict_types=1);

namespace WindowStall\Standins\Rates;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Publishes exchange rates for each day: GET /v1/rates?into=GBP&day=2026-11-24 → {day, into, rates: {"USD": "0.7912",
 * …}}, what one of each costs.
 *
 * They sway about fixed values, the same for everyone on the same day.
 */
final class ApiController
{
    /** Units of each currency that one US dollar buys, about which the rates of the days sway. */
    private const PER_DOLLAR = [
        'USD' => 1.0,
        'GBP' => 0.79,
        'EUR' => 0.92,
        'CHF' => 0.88,
        'DKK' => 6.87,
        'NOK' => 10.8,
        'SEK' => 10.4,
        'PLN' => 3.95,
        'CAD' => 1.37,
        'AUD' => 1.52,
        'NZD' => 1.66,
        'JPY' => 150.0,
    ];

    /** How far a currency strays, as a share. */
    private const SWAY = 0.012;

    public function __invoke(Request $request): JsonResponse
    {
        $into = strtoupper($request->string('into', 'USD')->toString());
        $day = $request->string('day')->toString();
        $day = preg_match('/^\d{4}-\d{2}-\d{2}$/D', $day) === 1 ? $day : now()->toDateString();
        if (! isset(self::PER_DOLLAR[$into])) {
            return new JsonResponse(['error' => 'No rates into that currency.'], 422);
        }
        $rates = [];
        foreach (array_keys(self::PER_DOLLAR) as $from) {
            if ($from !== $into) {
                $rates[$from] = number_format(self::on($into, $day) / self::on($from, $day), 6, '.', '');
            }
        }

        return new JsonResponse(['day' => $day, 'into' => $into, 'rates' => $rates]);
    }

    private static function on(string $currency, string $day): float
    {
        $days = intdiv((int) strtotime($day.' UTC'), 86_400);

        return self::PER_DOLLAR[$currency] *
            (1 + ($currency === 'USD' ? 0 : self::SWAY * sin($days / 9 + (crc32($currency) % 628) / 100)));
    }
}
