<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;
use WindowStall\Standins\Gtin;

/** Tannet's blanks, and which of their colours have run out. */
final class Books
{
    public const KEYS = ['tannet-quillet-key' => 'Quillet', 'tannet-second-key' => 'A second stall'];

    public static function db(): ConnectionInterface
    {
        return DB::connection('tannet');
    }

    /** @return list<array<string, mixed>> the blanks as the interface says them */
    public static function blanks(): array
    {
        $out = self::db()->table('out_of_stock')->pluck('sku')->flip();

        return array_map(static function (array $row) use ($out): array {
            ['code' => $code, 'cost' => $cost, 'grams' => $grams, 'colours' => $colours] = $row;
            ['areas' => $areas, 'methods' => $methods] = $row;
            $variants = [];
            foreach (array_keys($colours) as $c => $colour) {
                foreach ($row['sizes'] as $size => $extra) {
                    $sku = implode(
                        '-',
                        array_filter([
                            $code,
                            strtoupper(substr($colour, 0, 3)),
                            strtoupper(str_replace(' ', '', (string) $size)),
                        ]),
                    );
                    $variants[] = [
                        'sku' => $sku,
                        'gtin' => Gtin::of($sku),
                        'colour' => $colour,
                        'hex' => $colours[$colour],
                        'size' => (string) $size,
                        'cost' => $cost + $extra,
                        'grams' => $grams + intdiv($extra, 8),
                        'stock' => $out->has($sku) ? 0 : 40 + (crc32($sku) % 400),
                        'picture' => $c,
                    ];
                }
            }

            return [
                'code' => $code,
                'name' => $row['name'],
                'category' => $row['category'],
                'about' => $row['prose'],
                'currency' => 'EUR',
                'made_in_days' => [2, 4],
                'pictures' => array_map(
                    static fn (int $n): string => route('tannet.picture', ['code' => $code, 'n' => $n]),
                    array_keys(array_values($colours)),
                ),
                'areas' => array_map(
                    static fn (string $a, array $area): array => [
                        'code' => $a,
                        'name' => $area[0],
                        'width_mm' => $area[1],
                        'height_mm' => $area[2],
                    ],
                    array_keys($areas),
                    $areas,
                ),
                'methods' => array_map(
                    static fn (string $m, array $method): array => [
                        'code' => $m,
                        'name' => $method[0],
                        'first' => $method[1],
                        'further' => $method[2],
                        'areas' => $method[3],
                    ],
                    array_keys($methods),
                    $methods,
                ),
                'variants' => $variants,
            ];
        }, self::rows());
    }

    /**
     * What is printed on: euro cents, grams, millimetres.
     *
     * @return list<array{
     *     code: string, name: string, drawing: string, category: string, cost: int, grams: int,
     *     colours: array<string, string>, sizes: array<string, int>, areas: array<string, array{string, int, int}>,
     *     methods: array<string, array{string, int, int, list<string>}>, prose: string,
     * }> sizes: size → added cents; areas: code → name, width, height; methods: code → name, first area, each further
     *     one, areas
     */
    public static function rows(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/blanks.json'), true, 8, JSON_THROW_ON_ERROR);
    }

    /**
     * What a parcel costs from the works in the Netherlands: euro cents, working days.
     *
     * @return list<array{method: string, price: int, further: int, days: array{int, int}}>
     */
    public static function quote(string $to, int $grams): array
    {
        $zone =
            [
                'NL' => [390, 40, 1, 2],
                'BE' => [490, 45, 2, 3],
                'DE' => [520, 50, 2, 4],
                'FR' => [690, 60, 3, 5],
                'IE' => [790, 75, 4, 6],
                'GB' => [840, 80, 4, 7],
            ][$to] ?? null;
        if ($zone === null || $grams > 20_000) {
            return [];
        }
        $half = (int) ceil($grams / 500);
        $further = $zone[1] * ((int) ceil((2 * $grams) / 500) - $half);

        return [
            [
                'method' => 'Letterbox',
                'price' => $zone[0] + $zone[1] * ($half - 1),
                'further' => $further,
                'days' => [$zone[2], $zone[3]],
            ],
            [
                'method' => 'Signed for',
                'price' => $zone[0] + 390 + $zone[1] * ($half - 1),
                'further' => $further,
                'days' => [$zone[2], max($zone[2], $zone[3] - 1)],
            ],
        ];
    }
}
