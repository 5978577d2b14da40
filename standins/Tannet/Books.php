<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;
use WindowStall\Standins\Gtin;
use WindowStall\Standins\Tannet\Plates\Area;
use WindowStall\Standins\Tannet\Plates\Plate;
use WindowStall\Standins\Tannet\Plates\Scene;
use WindowStall\Standins\Tannet\Plates\Shape;

/**
 * Tannet's blanks, and which of their colours have run out.
 *
 * @phpstan-type Method array{
 *     name: string, first: int, further: int, areas: list<string>, by_area: array<string, int>, dpi: array{int, int, int},
 *     line: int, threads: int|null, underbase: int, reach: int|null, soft: bool, format: string, breaks: list<array{int, int}>,
 * }
 * @phpstan-type Row array{
 *     code: string, name: string, shape: string, category: string, cost: int, grams: int, colours: array<string, string>,
 *     sizes: array<string, int>, scales: array<string, int>, prose: string, care: string, material: string, made: string,
 *     table: array<string, array<string, int>>, methods: array<string, Method>,
 *     areas: array<string, array{
 *         name: string, left: float, top: float, width: int, height: int, safe: int, bleed: int, from: string, from_top: int,
 *     }>,
 * }
 *
 * Sizes say the cents they add, scales how many thousandths of the areas a size has; areas and tables are in
 * millimetres, lines in tenths of them; breaks are from how many pieces how many basis points fall off.
 */
final class Books
{
    public const KEYS = ['tannet-quillet-key' => 'Quillet', 'tannet-second-key' => 'A second stall'];

    /** What is laid in besides: code → name, euro cents an order. */
    public const EXTRAS = ['label' => ['Your own packing slip', 20], 'card' => ['Your own card laid in', 45], 'bag' => ['Your own mailing bag', 70]];

    public static function db(): ConnectionInterface
    {
        return DB::connection('tannet');
    }

    /** @return list<array<string, mixed>> the blanks as the interface says them */
    public static function blanks(): array
    {
        $out = self::db()->table('out_of_stock')->pluck('sku')->flip()->all();

        return array_map(static fn (array $row): array => self::said($row, $out), self::rows());
    }

    /**
     * What is printed on: euro cents, grams, millimetres.
     *
     * @return list<Row>
     */
    public static function rows(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/blanks.json'), true, 8, JSON_THROW_ON_ERROR);
    }

    /**
     * @return array{Row, string, string} the blank, colour and size of that variant
     *
     * @throws Refused
     */
    public static function variant(string $sku): array
    {
        foreach (self::rows() as $row) {
            foreach (self::skus($row) as [$one, $colour, $size]) {
                if ($one === $sku) {
                    return [$row, $colour, $size];
                }
            }
        }
        throw new Refused(sprintf('There is no %s here.', $sku));
    }

    /** Whether white is printed first under a colour. */
    public static function isDark(string $hex): bool
    {
        [$r, $g, $b] = array_map(hexdec(...), str_split(ltrim($hex, '#'), 2));

        return 299 * $r + 587 * $g + 114 * $b < 110_000;
    }

    /**
     * @param  Row  $row
     * @return list<array{string, string, string}> SKU, colour, size
     */
    private static function skus(array $row): array
    {
        $skus = [];
        foreach (array_keys($row['colours']) as $colour) {
            foreach (array_keys($row['sizes']) as $size) {
                $short = [$row['code'], strtoupper(substr($colour, 0, 3)), strtoupper(str_replace(' ', '', (string) $size))];
                $skus[] = [implode('-', array_filter($short)), $colour, (string) $size];
            }
        }

        return $skus;
    }

    /**
     * @param  Row  $row
     * @param  array<string, int|string>  $out  SKUs that ran out, as keys
     * @return array<string, mixed>
     */
    private static function said(array $row, array $out): array
    {
        $colours = array_keys($row['colours']);
        $shape = Shape::of($row['shape'])->unrolled();

        return [
            'code' => $row['code'],
            'name' => $row['name'],
            'category' => $row['category'],
            'about' => $row['prose'],
            'material' => $row['material'],
            'care' => $row['care'],
            'made' => $row['made'],
            'sizes_mm' => (object) $row['table'],
            'currency' => 'EUR',
            'made_in_days' => [2, 4],
            'pictures' => array_map(
                static fn (int $n): string => route('tannet.picture', ['code' => $row['code'], 'n' => $n]),
                array_keys($colours),
            ),
            'sheet' => ['width_mm' => $shape->width, 'height_mm' => $shape->height, 'outline' => $shape->outline],
            'areas' => array_map(
                static fn (string $code, array $a): array => ['code' => $code, 'name' => $a['name'], 'from' => $a['from']] + [
                    'left_mm' => $a['left'],
                    'top_mm' => $a['top'],
                    'from_top_mm' => $a['from_top'],
                    'width_mm' => $a['width'],
                    'height_mm' => $a['height'],
                    'safe_mm' => $a['safe'],
                    'bleed_mm' => $a['bleed'],
                ],
                array_keys($row['areas']),
                $row['areas'],
            ),
            'scales' => (object) $row['scales'],
            'methods' => array_map(
                static fn (string $code, array $m): array => ['code' => $code] + ['by_area' => (object) $m['by_area']] + $m,
                array_keys($row['methods']),
                $row['methods'],
            ),
            'plates' => self::plates($row),
            'variants' => array_map(
                static fn (array $v): array => [
                    'sku' => $v[0],
                    'gtin' => Gtin::of($v[0]),
                    'colour' => $v[1],
                    'hex' => $row['colours'][$v[1]],
                    'dark' => self::isDark($row['colours'][$v[1]]),
                    'size' => $v[2],
                    'cost' => $row['cost'] + $row['sizes'][$v[2]],
                    'grams' => $row['grams'] + intdiv(max(0, $row['sizes'][$v[2]]), 8),
                    'stock' => isset($out[$v[0]]) ? 0 : 40 + (crc32($v[0]) % 400),
                    'picture' => (int) array_search($v[1], $colours, true),
                ],
                self::skus($row),
            ),
        ];
    }

    /**
     * @param  Row  $row
     * @return list<array<string, mixed>>
     */
    private static function plates(array $row): array
    {
        return array_map(static function (Scene $scene) use ($row): array {
            $plate = new Plate($row['shape'], $scene);
            $layer = static fn (string $layer): string => route('tannet.plate', [
                'code' => $row['code'],
                'scene' => $scene->value,
                'layer' => $layer,
            ]);
            // What is behind isn't seen from before; what is inside isn't seen at all.
            $seen = array_diff_key($row['areas'], ['back' => 1, 'label' => 1]);

            return [
                'scene' => $scene->value,
                'name' => $scene->named($plate->shape),
                'side' => Plate::SIDE,
                'pictures' => array_map(
                    static fn (int $n): string => $layer('colour-'.$n),
                    array_flip(array_keys($row['colours'])),
                ),
                'mask' => $layer('mask'),
                'shading' => $layer('shading'),
                'displacement' => $layer('displacement'),
                'reach' => Plate::REACH,
                'areas' => array_map(
                    static fn (array $a): array => $plate->geometry(
                        new Area($a['left'], $a['top'], $a['width'], $a['height']),
                    ),
                    $seen,
                ),
            ];
        }, Scene::cases());
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
