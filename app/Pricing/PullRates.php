<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Http\Client\ConnectionException;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/**
 * Asks the service that publishes exchange rates for those of the day: GET /v1/rates?into=GBP → {day, into, rates:
 * {"USD": "0.7912"}}.
 */
final class PullRates
{
    /**
     * @return array{day: string, rates: array<string, string>} what one of each costs in the stall's currency
     *
     * @throws Refusal when the service is away or says something strange
     */
    public function fetch(Stall $stall): array
    {
        try {
            $answer = Outside::at((string) config('stall.rates.address'), 5)
                ->acceptJson()
                ->get('/v1/rates', ['into' => $stall->currency]);
        } catch (ConnectionException|Unreachable|TooLarge) {
            throw new Refusal('The exchange rates can’t be reached just now. Those you have stay; try again later.');
        }
        $day = $answer->json('day');
        $said = $answer->json('rates');
        if (
            ! $answer->successful() ||
            ! is_array($said) ||
            ! is_string($day) ||
            preg_match('/^\d{4}-\d{2}-\d{2}$/D', $day) !== 1
        ) {
            throw new Refusal('The exchange rates answered something that can’t be read. Those you have stay.');
        }
        $rates = array_filter(
            $said,
            static fn (mixed $rate, mixed $code): bool => is_string($code) &&
                preg_match('/^[A-Z]{3}$/D', $code) === 1 &&
                is_string($rate) &&
                preg_match('/^\d{1,6}(\.\d{1,8})?$/D', $rate) === 1 &&
                (float) $rate > 0,
            ARRAY_FILTER_USE_BOTH,
        );

        /** @var array<string, string> $rates */
        return ['day' => $day, 'rates' => $rates];
    }

    /** @param  array{day: string, rates: array<string, string>}  $pulled */
    public function store(Stall $stall, array $pulled): void
    {
        foreach ($pulled['rates'] as $currency => $rate) {
            $stall
                ->rates()
                ->where('from', $currency)
                ->update(['rate' => $rate, 'day' => $pulled['day'], 'typed' => false]);
        }
    }
}
