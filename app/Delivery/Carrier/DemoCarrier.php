<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Carrier;

use Illuminate\Http\Client\PendingRequest;
use WindowStall\Core\Delivery\Quote\RateAsked;
use WindowStall\Core\Delivery\Ways\CarrierService;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/** The carrier stand-in: POST /v1/rates {from, to: {country, part, postcode}, grams} → {rates: [{service, amount, currency}]}. */
final class DemoCarrier implements CarrierConnector
{
    /** No parcel costs this much; who says so is wrong. Minor units. */
    private const MOST = 1_000_000;

    public function rates(array $asked, float $seconds): array
    {
        try {
            $answers = Outside::together((string) config('stall.carrier.address'), $seconds, array_map(
                static fn (RateAsked $one): callable => static fn (PendingRequest $call): mixed => $call
                    ->acceptJson()
                    ->withToken((string) config('stall.carrier.key'))
                    ->post('/v1/rates', [
                        'from' => ['country' => $one->from],
                        'to' => ['country' => $one->to->country, 'part' => $one->to->part, 'postcode' => $one->to->postcode],
                        'grams' => $one->grams,
                    ]),
                $asked,
            ));
        } catch (Refusal|Unreachable) {
            return [];
        }
        $rates = [];
        foreach ($answers as $key => $answer) {
            $read = $answer?->successful() === true ? self::read($answer->json('rates')) : [];
            if ($read !== []) {
                $rates[$key] = $read;
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
