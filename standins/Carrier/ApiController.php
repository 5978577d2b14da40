<?php

declare(strict_types=1);

namespace WindowStall\Standins\Carrier;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;

/**
 * A carrier that says what a parcel costs now: POST /v1/rates {from: {country}, to: {country, part, postcode}, grams, size?} →
 * {rates: [{service, amount, currency, days: {min, max}}]}. By weight or, where it is larger, by size; islands and high ground
 * cost more. On demand it is slow, refuses, or answers nonsense.
 */
final class ApiController
{
    private const KEY = 'carrier-demo-key';

    /** Pence for the first kilogram and each further one, by how far it is. */
    private const TARIFF = ['home' => [385, 95], 'near' => [890, 240], 'far' => [1_940, 610]];

    private const NEAR = ['AT', 'BE', 'DE', 'DK', 'ES', 'FR', 'GB', 'IE', 'IT', 'LU', 'NL', 'PT'];

    /** Postcodes by their beginnings that a lorry doesn't reach in a day. */
    private const REMOTE = ['BT', 'HS', 'IV', 'KW', 'PH', 'ZE', 'TR21', 'TR22'];

    private const HEAVIEST = 30_000;

    public function rates(Request $request): JsonResponse
    {
        if (! hash_equals(self::KEY, (string) $request->bearerToken())) {
            return new JsonResponse(['error' => 'That key isn’t known here.'], 401);
        }
        $mood = Mood::now();
        if ($mood === Mood::Slow) {
            sleep(4);
        }
        if ($mood === Mood::Refuses) {
            return new JsonResponse(['error' => 'No rates today.'], 503);
        }
        if ($mood === Mood::Wrong) {
            return new JsonResponse(['rates' => [
                ['service' => 'plain', 'amount' => '-3.00', 'currency' => 'GBP'],
                ['service' => 'quick', 'amount' => 'lots', 'currency' => '???'],
            ]]);
        }
        $check = Validator::make($request->json()->all(), [
            'from.country' => 'required|string|size:2',
            'to.country' => 'required|string|size:2',
            'to.postcode' => 'nullable|string|max:20',
            'grams' => 'required|integer|min:1',
            'size' => 'sometimes|array:length,width,height',
            'size.*' => 'integer|min:1|max:3000',
        ]);
        if ($check->fails()) {
            return new JsonResponse(['error' => (string) $check->errors()->first()], 422);
        }
        $grams = max($request->integer('grams'), self::volume($request));
        if ($grams > self::HEAVIEST) {
            return new JsonResponse(['error' => 'That is too heavy.'], 422);
        }
        $from = (string) $request->input('from.country');
        $to = (string) $request->input('to.country');
        [$first, $further] = self::TARIFF[match (true) {
            $from === $to => 'home',
            in_array($from, self::NEAR, true) && in_array($to, self::NEAR, true) => 'near',
            default => 'far',
        }];
        $plain = $first + $further * (int) max(0, ceil($grams / 1_000) - 1);
        $plain += self::isRemote($to, (string) $request->input('to.postcode')) ? 450 : 0;

        return new JsonResponse(['rates' => [
            self::rate('plain', $plain, $from === $to ? 2 : 5),
            self::rate('quick', intdiv($plain * 17, 10), $from === $to ? 1 : 3),
        ]]);
    }

    /** What takes room weighs, too: a kilogram for each 5,000 cubic centimetres. */
    private static function volume(Request $request): int
    {
        $size = array_map(intval(...), (array) $request->input('size', []));

        return count($size) === 3 ? intdiv((int) array_product($size), 5_000) : 0;
    }

    private static function isRemote(string $country, string $postcode): bool
    {
        foreach ($country === 'GB' ? self::REMOTE : [] as $begins) {
            if (str_starts_with(strtoupper($postcode), $begins)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> */
    private static function rate(string $service, int $pence, int $days): array
    {
        return [
            'service' => $service,
            'amount' => sprintf('%d.%02d', intdiv($pence, 100), $pence % 100),
            'currency' => 'GBP',
            'days' => ['min' => $days, 'max' => $days + 1],
        ];
    }
}
