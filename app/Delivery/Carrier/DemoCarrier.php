<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Carrier;

use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use WindowStall\Core\Delivery\Quote\RateAsked;
use WindowStall\Core\Delivery\Ways\CarrierService;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;

/** The carrier stand-in: POST /v1/rates {from, to: {country, part, postcode}, grams} → {rates: [{service, amount, currency}]}. */
final class DemoCarrier implements CarrierConnector
{
    /** No parcel costs this much; who says so is wrong. Minor units. */
    private const MOST = 1_000_000;

    public function rates(array $asked, float $seconds): array
    {
        $answers = Http::pool(static fn (Pool $pool): array => array_map(
            static fn (string $key, RateAsked $one) => $pool->as($key)
                ->acceptJson()
                ->withToken((string) config('stall.carrier.key'))
                ->connectTimeout($seconds)
                ->timeout($seconds)
                ->post(config('stall.carrier.address').'/v1/rates', [
                    'from' => ['country' => $one->from],
                    'to' => ['country' => $one->to->country, 'part' => $one->to->part, 'postcode' => $one->to->postcode],
                    'grams' => $one->grams,
                ]),
            array_keys($asked),
            $asked,
        ));
        $rates = [];
        foreach ($answers as $key => $answer) {
            $read = $answer instanceof Response && $answer->successful() ? self::read($answer->json('rates')) : [];
            if ($read !== []) {
                $rates[(string) $key] = $read;
            }
        }

        return $rates;
    }

    /** @return array<string, Money> service → rate; what can't be right is left out */
    private static function read(mixed $said): array
    {
        $rates = [];
        foreach (is_array($said) ? $said : [] as $one) {
            $service = is_array($one) && is_string($one['service'] ?? null) ? CarrierService::tryFrom($one['service']) : null;
            if ($service === null || ! is_string($one['amount'] ?? null) || ! is_string($one['currency'] ?? null)) {
                continue;
            }
            try {
                $rate = Money::parse($one['amount'], Currency::of($one['currency']));
            } catch (MoneyUnreadable) {
                continue;
            }
            if ($rate->minor > 0 && $rate->minor < self::MOST) {
                $rates[$service->value] = $rate;
            }
        }

        return $rates;
    }
}
