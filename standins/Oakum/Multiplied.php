<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/**
 * Makes Oakum Depot as large as a big wholesaler: the demo's goods over and over, each time with other codes, words,
 * costs and stock, so that the same traps lie among a hundred thousand variants.
 */
final class Multiplied
{
    private const LEADS = [
        'Premium',
        'Classic',
        'Heritage',
        'Everyday',
        'Professional',
        'Compact',
        'Extra Long',
        'Lightweight',
        'Heavy Duty',
        'Country',
        'Kitchen Garden',
        'Allotment',
        'Balcony',
        'Cottage',
        'Nursery',
        'Field',
    ];

    private const TAILS = [
        'Gift Boxed',
        'with Hanging Loop',
        'Rustproof',
        'Set',
        '2026',
        'for Seniors',
        'for Beginners',
        'Winter Edition',
        'Reusable',
        'Weatherproof',
        'Hand Finished',
        'Trade Pack',
        'New Season',
    ];

    /**
     * @param  int  $variants  at least this many
     * @return \Generator<int, array{item: array<string, mixed>, variants: list<array<string, mixed>>}>
     */
    public static function rows(int $variants): \Generator
    {
        $base = Catalogue::rows();
        $made = 0;
        for ($round = 1; $made < $variants; $round++) {
            foreach ($base as $n => $row) {
                $code = sprintf('OD-%d', 2000 + ($round - 1) * count($base) + $n);
                $seed = crc32($code);
                yield self::again($row, $code, $seed);
                $made += count($row['variants']);
                if ($made >= $variants) {
                    return;
                }
            }
        }
    }

    /**
     * @param  array{item: array<string, mixed>, variants: list<array<string, mixed>>}  $row
     * @return array{item: array<string, mixed>, variants: list<array<string, mixed>>}
     */
    private static function again(array $row, string $code, int $seed): array
    {
        $percent = 60 + ($seed % 120);
        $words = explode(' ', (string) $row['item']['title']);
        $turn = $seed % max(1, count($words) - 3);
        $title =
            self::LEADS[$seed % count(self::LEADS)].
            ' '.
            implode(' ', [...array_slice($words, $turn), ...array_slice($words, 0, $turn)]).
            ' '.
            self::TAILS[intdiv($seed, 97) % count(self::TAILS)];

        return [
            'item' => ['id' => $code, 'title' => mb_substr($title, 0, 290), 'rating' => 30 + (intdiv($seed, 13) % 20)] +
                $row['item'],
            'variants' => array_map(static function (array $v) use ($code, $percent): array {
                $id = $code.'-'.strtoupper(substr(hash('crc32b', (string) $v['id'].$code), 0, 6));

                return [
                    'id' => $id,
                    'sku' => $id,
                    'barcode' => \WindowStall\Standins\Gtin::of($id),
                    'cost' => max(20, intdiv((int) $v['cost'] * $percent, 100)),
                    'rrp' => max(40, intdiv((int) $v['rrp'] * $percent, 100)),
                    'stock' => array_map(
                        static fn (int $n): int => crc32($id) % 9 === 0 ? 0 : 1 + intdiv($n * (1 + (crc32($id) % 7)), 3),
                        $v['stock'],
                    ),
                ] + $v;
            }, $row['variants']),
        ];
    }
}
