<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Support\Facades\DB;

/**
 * A month at a large wholesaler, day by day: costs creep, leap and come back, a colour is dropped, codes are renamed,
 * things sell out and come in again, an item leaves the catalogue and returns. On its last day the shelves are as they
 * began; the night after it is {@see Night}.
 */
final class Calendar
{
    public const DAYS = 29;

    /** Day → what happens: [what, item, and by how much or with what]. Costs in percent of what they are. */
    private const HAPPENS = [
        2 => [['cost', 'OD-1014', 104], ['cost', 'OD-1020', 103], ['cost', 'OD-1016', 105]],
        4 => [['cost', 'OD-1031', 118]],
        6 => [['sold-out', 'OD-1017', 0], ['title', 'OD-1046', 'Garden Kneeler Pad Thick Foam TOP RATED']],
        7 => [['restore', 'OD-1031', 0], ['lead', 'OD-1008', 3]],
        9 => [['cost', 'OD-1042', 160]],
        10 => [['in-stock', 'OD-1017', 0], ['cost', 'OD-1033', 97]],
        12 => [['restore', 'OD-1042', 0], ['cost', 'OD-1027', 108]],
        14 => [['drop', 'OD-1033', -1], ['cost', 'OD-1038', 106]],
        16 => [['rename', 'OD-1060', 'N'], ['cost', 'OD-1048', 112]],
        18 => [['words', 'OD-1024', '<p>New batch, improved.</p>'], ['restore', 'OD-1008', 0]],
        20 => [['leaves', 'OD-1044', 0], ['cost', 'OD-1001', 107]],
        22 => [['restore', 'OD-1033', 0], ['restore', 'OD-1014', 0], ['weight', 'OD-1038', 115]],
        24 => [['restore', 'OD-1044', 0], ['cost', 'OD-1030', 123]],
        26 => [['restore', 'OD-1060', 0], ['restore', 'OD-1027', 0], ['restore', 'OD-1001', 0]],
        28 => [
            ['restore', 'OD-1030', 0],
            ['restore', 'OD-1048', 0],
            ['restore', 'OD-1038', 0],
            ['restore', 'OD-1016', 0],
        ],
        29 => [['restore', 'OD-1020', 0], ['restore', 'OD-1046', 0], ['restore', 'OD-1024', 0]],
    ];

    /** @return string what happened, in a sentence */
    public static function pass(int $day): string
    {
        $happens = self::HAPPENS[$day] ?? [];
        Books::db()->transaction(static function () use ($happens, $day): void {
            foreach ($happens as [$what, $item, $with]) {
                self::happen($what, $item, $with);
            }
            Books::set('calendar', (string) $day);
        });

        $words = array_map(static fn (array $one): string => $one[1].' ('.$one[0].')', $happens);

        return $happens === []
            ? sprintf('Day %d of the month passed quietly.', $day)
            : sprintf('Day %d of the month: %s.', $day, implode(', ', $words));
    }

    public static function next(): int
    {
        return (int) Books::setting('calendar', '0') % self::DAYS + 1;
    }

    /** @return list<int> days on which something happens */
    public static function eventful(): array
    {
        return array_keys(self::HAPPENS);
    }

    private static function happen(string $what, string $item, int|string $with): void
    {
        $items = Books::table('items')->where('id', $item);
        $variants = Books::table('variants')->where('item_id', $item);
        match ($what) {
            'cost' => $variants->update(['cost' => DB::raw('cost * '.(int) $with.' / 100')]),
            'weight' => $variants->update(['grams' => DB::raw('grams * '.(int) $with.' / 100')]),
            'title' => $items->update(['title' => (string) $with]),
            'words' => $items->update(['description' => $items->value('description').$with]),
            'lead' => $items->update(['processing' => json_encode([(int) $with, 3 + (int) $with])]),
            'sold-out' => self::stock($item, 0),
            'in-stock' => self::stock($item, 60),
            'drop' => self::drop($item),
            'rename' => self::rename($item, (string) $with),
            'leaves' => $items->update(['gone' => true]),
            default => self::restore($item),
        };
    }

    private static function stock(string $item, int $pieces): void
    {
        foreach (Books::table('variants')->where('item_id', $item)->get() as $variant) {
            $stock = array_map(static fn (): int => $pieces, json_decode($variant->stock, true));
            Books::table('variants')->where('id', $variant->id)->update(['stock' => json_encode($stock)]);
        }
    }

    /** The colour that stands last. */
    private static function drop(string $item): void
    {
        $last = Books::table('variants')->where('item_id', $item)->orderByDesc('position')->value('options');
        $colour = (string) array_values((array) json_decode((string) $last, true))[0];
        Books::table('variants')
            ->where('item_id', $item)
            ->where('options', 'like', '%"'.$colour.'"%')
            ->update(['dropped' => true]);
    }

    /** Other codes for the same goods, as when a wholesaler changes its books; barcodes stay. */
    private static function rename(string $item, string $mark): void
    {
        Books::table('variants')->where('item_id', $item)->update([
            'id' => DB::raw("id || '-$mark'"),
            'sku' => DB::raw("sku || '-$mark'"),
        ]);
    }

    /** Everything of an item as it was when the shelves were filled, but for how much of it is there. */
    private static function restore(string $code): void
    {
        foreach (Catalogue::rows() as ['item' => $item, 'variants' => $variants]) {
            if ($item['id'] !== $code) {
                continue;
            }
            Books::table('items')->where('id', $code)->update([
                'pictures' => json_encode($item['pictures']),
                'processing' => json_encode($item['processing']),
                'gone' => false,
            ] + $item);
            Books::table('variants')->where('item_id', $code)->delete();
            foreach ($variants as $n => $variant) {
                Books::table('variants')->insert([
                    'item_id' => $code,
                    'position' => $n,
                    'options' => json_encode($variant['options']),
                    'stock' => json_encode($variant['stock']),
                ] + $variant);
            }
        }
    }
}
