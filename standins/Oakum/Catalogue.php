<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use WindowStall\Standins\Gtin;

/**
 * Turns the rows of catalogue.json into items and variants as Oakum's own tables hold them.
 *
 * A row: what the supplier calls it, US cents and grams; colours: as the supplier codes them → colour; clr: what that
 * option is called ("Clr" unless given); sizes: size → added cents; from: warehouses with stock; ships: an option
 * "Ships from" doubles every variant by warehouse; rrp: recommended price in cents; prose: which of the supplier's
 * texts; kinds: variants drawn as different goods; costs: cents added for each of them.
 *
 * Stock, barcodes and ratings are drawn from the codes themselves, so that every start tells the same story.
 *
 * @phpstan-type Row array{
 *     code: string, title: string, category: string, drawing: string, cost: int, grams: int,
 *     colours: array<string, string>, clr?: string, sizes?: array<string, int>, from: list<string>, ships?: bool,
 *     rrp: int, prose?: string, kinds?: list<string>, costs?: list<int>,
 * }
 */
final class Catalogue
{
    private const PROSE = [
        '<p>Dear friend welcome our store!! This product is high quality and comfortable hand feel, suit for garden, '.
            'farm, balcony. Because of light and monitor the color may be little different, please '.
            'understand.</p><p>Package include: 1 x product (no retail box). <strong>5 STARS</strong> feedback is '.
            'very important for us.</p>',
        '<h2>Feature:</h2><ul><li>100% brand new and high quality</li><li>Durable in use, good for you and your '.
            'family</li><li>Please allow 1-3cm error due to manual measurement</li></ul><p>Any question contact us, '.
            'we reply in 24 hours.</p>',
        '<p>Professional garden supply. Strong, practical and beautiful, it is the best choice of gift to mother, '.
            'father, teacher, neighbor. Wholesale welcome. Made by selected material with exquisite workmanship.</p>',
    ];

    private const OTHER_SHOP =
        '<p>Exclusive at <a href="http://green-thumb-bazaar.example" onclick="track()">Green Thumb Bazaar</a>, your '.
            'number one shop! Follow us and write to sales@green-thumb-bazaar.example for 10% off.</p>'.
            '<script>track("view")</script><p>Seed tin of embossed steel with alphabet dividers.</p>';

    /**
     * @return list<array{item: array<string, mixed>, variants: list<array<string, mixed>>}>
     */
    public static function rows(): array
    {
        /** @var list<Row> $rows */
        $rows = json_decode((string) file_get_contents(__DIR__.'/catalogue.json'), true, 8, JSON_THROW_ON_ERROR);

        return array_map(static fn (array $row, int $n): array => self::build($row, $n), $rows, array_keys($rows));
    }

    /**
     * @param  Row  $row
     * @return array{item: array<string, mixed>, variants: list<array<string, mixed>>}
     */
    private static function build(array $row, int $n): array
    {
        ['code' => $code, 'drawing' => $drawing, 'cost' => $cost, 'grams' => $grams, 'colours' => $colours] = $row;
        $pictures = [];
        foreach (array_values($colours) as $i => $colour) {
            $pictures[] = [
                'drawing' => $row['kinds'][$i] ?? $drawing,
                'colour' => $colour,
                'view' => 'whole',
                'ground' => $n % 6,
            ];
        }
        $first = $pictures[0];
        $pictures[] = ['view' => 'close', 'ground' => ($n + 2) % 6] + $first;
        $pictures[] =
            [
                count($colours) > 1 ? 'colour' : 'view' => count($colours) > 1 ? $pictures[1]['colour'] : 'turned',
                'view' => 'pair',
                'ground' => ($n + 4) % 6,
            ] + $first;

        $variants = [];
        $colourIndex = 0;
        foreach (array_keys($colours) as $colour) {
            $own = $cost + ($row['costs'][$colourIndex] ?? 0);
            foreach ($row['sizes'] ?? ['' => 0] as $size => $extra) {
                foreach ($row['ships'] ?? false ? $row['from'] : [''] as $ships) {
                    $options = array_filter(
                        [$row['clr'] ?? 'Clr' => (string) $colour, 'Size' => (string) $size, 'Ships from' => $ships],
                        static fn (string $v): bool => $v !== '',
                    );
                    $id = self::variantId($code, ...array_values($options));
                    $variants[] = [
                        'id' => $id,
                        'sku' => $id,
                        'barcode' => Gtin::of($id),
                        'options' => $options,
                        // Goods stocked in China are cheaper there; that is what tempts people.
                        'cost' => $ships === 'CN' ? (int) round(($own + $extra) * 0.78) : $own + $extra,
                        'rrp' => $row['rrp'] + (int) round(($extra + $own - $cost) * 2.4),
                        'grams' => $grams + ($extra > 0 ? (int) round($grams * 0.35) : 0),
                        'stock' => self::stock(
                            $id,
                            match ($ships) {
                                '' => $row['from'],
                                'EU' => ['DE'],
                                default => [$ships],
                            },
                        ),
                        'picture' => $colourIndex,
                    ];
                }
            }
            $colourIndex++;
        }

        return [
            'item' => [
                'id' => $code,
                'title' => $row['title'],
                'category' => $row['category'],
                'description' => ($row['prose'] ?? '') === 'shop' ? self::OTHER_SHOP : self::PROSE[$n % 3],
                'pictures' => $pictures,
                'processing' => [1, 1 + (crc32($code) % 3)],
                'rating' => 36 + (crc32($code.'r') % 14),
            ],
            'variants' => $variants,
        ];
    }

    public static function variantId(string $code, string ...$values): string
    {
        return $code.
            '-'.
            strtoupper(
                substr(
                    hash('crc32b', implode('|', array_filter($values, static fn (string $v): bool => $v !== ''))),
                    0,
                    6,
                ),
            );
    }

    /**
     * @param  list<string>  $warehouses
     * @return array<string, int>
     */
    private static function stock(string $id, array $warehouses): array
    {
        $stock = [];
        foreach ($warehouses as $warehouse) {
            $stock[$warehouse] = 6 + (crc32($id.$warehouse) % ($warehouse === 'CN' ? 900 : 240));
        }

        return $stock;
    }
}
