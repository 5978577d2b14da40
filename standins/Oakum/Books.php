<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Oakum's tables, and the few things it remembers about how it is played. */
final class Books
{
    private const TABLES = [
        'lots', 'offers', 'messages', 'requests', 'events', 'orders', 'variants', 'items', 'accounts', 'settings',
    ];

    public static function db(): ConnectionInterface
    {
        return DB::connection('oakum');
    }

    public static function table(string $name): Builder
    {
        return self::db()->table($name);
    }

    public static function setting(string $name, string $default): string
    {
        $value = self::table('settings')->where('name', $name)->value('value');

        return is_string($value) ? $value : $default;
    }

    public static function set(string $name, string $value): void
    {
        self::table('settings')->updateOrInsert(['name' => $name], ['value' => $value]);
    }

    /** Fills the shelves afresh: items and variants as the catalogue has them, no orders, known keys. */
    public static function restock(): void
    {
        self::db()->transaction(function (): void {
            foreach (self::TABLES as $table) {
                self::table($table)->delete();
            }
            foreach (Catalogue::rows() as ['item' => $item, 'variants' => $variants]) {
                self::table('items')->insert(
                    ['pictures' => json_encode($item['pictures']), 'processing' => json_encode($item['processing'])] +
                        $item,
                );
                self::table('variants')->insert(
                    array_map(
                        static fn (array $v, int $n): array => [
                            'item_id' => $item['id'],
                            'position' => $n,
                            'options' => json_encode($v['options']),
                            'stock' => json_encode($v['stock']),
                        ] + $v,
                        $variants,
                        array_keys($variants),
                    ),
                );
            }
            self::table('accounts')->insert([
                ['key' => 'oakum-quillet-key', 'name' => 'Quillet'],
                ['key' => 'oakum-second-key', 'name' => 'A second stall'],
            ]);
        });
    }

    /** Adds goods until there are at least so many variants. */
    public static function enlarge(int $variants): void
    {
        $missing = $variants - self::table('variants')->count();
        if ($missing <= 0) {
            return;
        }
        self::db()->transaction(function () use ($missing): void {
            /** @var list<array<string, mixed>> $items */
            $items = [];
            /** @var list<array<string, mixed>> $variants */
            $variants = [];
            $store = function () use (&$items, &$variants): void {
                self::table('items')->insert($items);
                foreach (array_chunk($variants, 2000) as $some) {
                    self::table('variants')->insert($some);
                }
                $items = $variants = [];
            };
            foreach (Multiplied::rows($missing) as $row) {
                $items[] =
                    [
                        'pictures' => json_encode($row['item']['pictures']),
                        'processing' => json_encode($row['item']['processing']),
                    ] + $row['item'];
                foreach ($row['variants'] as $n => $v) {
                    $variants[] =
                        [
                            'item_id' => $row['item']['id'],
                            'position' => $n,
                            'options' => json_encode($v['options']),
                            'stock' => json_encode($v['stock']),
                        ] + $v;
                }
                if (count($items) >= 1000) {
                    $store();
                }
            }
            $store();
        });
    }
}
