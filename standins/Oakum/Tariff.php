<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** What Oakum asks for a parcel, by warehouse, destination, method and weight; US cents. */
final class Tariff
{
    private const EUROPE = ['GB', 'IE', 'NL', 'DE', 'FR', 'BE', 'AT', 'DK', 'SE', 'FI', 'ES', 'IT', 'PT', 'PL'];

    /** zone → method → [base, per started 100 g, days from, days to] */
    private const RATES = [
        'home' => ['Economy' => [210, 9, 2, 4], 'Express' => [490, 22, 1, 2]],
        'GB-EU' => ['Economy' => [540, 21, 4, 8], 'Express' => [1390, 48, 2, 3]],
        'EU-EU' => ['Economy' => [430, 16, 3, 6], 'Express' => [1150, 40, 1, 3]],
        'DE-GB' => ['Economy' => [560, 24, 5, 9], 'Express' => [1440, 52, 2, 4]],
        'CN' => ['Economy' => [160, 65, 14, 22], 'Express' => [1450, 118, 6, 9]],
        'US' => ['Economy' => [980, 62, 9, 16], 'Express' => [2200, 130, 4, 6]],
    ];

    /**
     * @return list<array{method: string, price: int, further: int, days: array{int, int}}>
     */
    public static function quote(string $warehouse, string $destination, int $grams): array
    {
        $zone = self::zone($warehouse, $destination);
        if ($zone === null) {
            return [];
        }
        $steps = max(1, (int) ceil($grams / 100));

        return array_map(
            static fn (string $method, array $r): array => [
                'method' => $method,
                'price' => $r[0] + $r[1] * $steps,
                'further' => $r[1] * (max(1, (int) ceil((2 * $grams) / 100)) - $steps),
                'days' => [$r[2], $r[3]],
            ],
            array_keys(self::RATES[$zone]),
            self::RATES[$zone],
        );
    }

    private static function zone(string $warehouse, string $destination): ?string
    {
        $european = in_array($destination, self::EUROPE, true);

        return match (true) {
            $warehouse === $destination => 'home',
            ! $european && ! in_array($destination, ['US', 'CA', 'AU', 'NZ', 'JP', 'NO', 'CH', 'IS'], true) => null,
            $warehouse === 'GB' && $european => 'GB-EU',
            $warehouse === 'DE' && $destination === 'GB' => 'DE-GB',
            $warehouse === 'DE' && $european => 'EU-EU',
            $warehouse === 'CN' => 'CN',
            $warehouse === 'US' => 'US',
            default => null,
        };
    }
}
