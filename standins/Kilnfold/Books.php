<?php

declare(strict_types=1);

namespace WindowStall\Standins\Kilnfold;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Standins\Gtin;
use WindowStall\Standins\Oakum;

/** Kilnfold's stock book: one row per article, exact to the piece. */
final class Books
{
    public static function db(): ConnectionInterface
    {
        return DB::connection('kilnfold');
    }

    public static function articles(): Builder
    {
        return self::db()->table('articles');
    }

    /** Whether the columns go by their newer names, as they do now and then. */
    public static function renamed(): bool
    {
        return self::db()->table('settings')->where('name', 'renamed')->value('value') === '1';
    }

    public static function rename(bool $renamed): void
    {
        self::db()
            ->table('settings')
            ->updateOrInsert(['name' => 'renamed'], ['value' => $renamed ? '1' : '0']);
    }

    /** Whether the list breaks off in the middle, as when whoever writes it is stopped. */
    public static function cut(): bool
    {
        return self::db()->table('settings')->where('name', 'cut')->value('value') === '1';
    }

    public static function cutOff(bool $cut): void
    {
        self::db()
            ->table('settings')
            ->updateOrInsert(['name' => 'cut'], ['value' => $cut ? '1' : '0']);
    }

    public static function restock(): void
    {
        self::db()->transaction(function (): void {
            self::articles()->delete();
            self::db()->table('settings')->delete();
            self::articles()->insert(iterator_to_array(self::rows(), false));
        });
    }

    /** @return \Generator<int, array<string, string|int|null>> */
    private static function rows(): \Generator
    {
        /**
         * @var list<array{
         *     string, string, string, string, int, int, array<string, string>, array<string, int>, int, string,
         *     string|null, list<string>, list<string>,
         * }>  $goods
         */
        $goods = require __DIR__.'/goods.php';
        foreach (
            $goods as $n => [
                $range,
                $name,
                $section,
                $drawing,
                $price,
                $grams,
                $glazes,
                $sizes,
                $rrp,
                $prose,
                $twin,
                $twinGlazes,
                $twinSizes,
            ]
        ) {
            foreach (array_keys($glazes) as $g => $glaze) {
                foreach (array_keys($sizes) as $s => $size) {
                    $sku = implode(
                        '-',
                        array_filter(
                            [
                                $range,
                                strtoupper(substr($glaze, 0, 3)),
                                (string) preg_replace('/\D+/', '', (string) $size) ?:
                                strtoupper(substr((string) $size, 0, 2)),
                            ],
                            static fn (string $part): bool => $part !== '',
                        ),
                    );
                    yield [
                        'sku' => $sku,
                        'range' => $range,
                        'name' => $name,
                        'section' => $section,
                        'glaze' => $glaze,
                        'size' => (string) $size,
                        'prose' => $prose,
                        'ean' => $twin === null
                                ? Gtin::of($sku)
                                : Gtin::of(Oakum\Catalogue::variantId($twin, $twinGlazes[$g], $twinSizes[$s])),
                        'price' => $price + $sizes[$size],
                        'rrp' => $rrp + (int) round($sizes[$size] * 2.6),
                        'grams' => $grams + (int) round($sizes[$size] * 1.4),
                        'stock' => 3 + (crc32($sku) % 90),
                        'picture' => (string) json_encode([
                            'drawing' => $drawing,
                            'colour' => $glazes[$glaze],
                            'view' => 'whole',
                            'ground' => ($n + 3) % 6,
                        ]),
                    ];
                }
            }
        }
    }
}
