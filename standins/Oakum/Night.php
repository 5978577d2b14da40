<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Support\Facades\DB;
use WindowStall\Standins\Gtin;

/**
 * A night at a large wholesaler: a shelf gets dearer, one cost jumps by 60%, one falls, a colour is dropped and another
 * comes in, titles are stuffed with more words, and some things sell out.
 */
final class Night
{
    private const DEARER = 'Hand tools';

    private const JUMPS = 'OD-1008';

    private const FALLS = 'OD-1030';

    private const DROPS = 'OD-1001';

    private const GAINS = 'OD-1020';

    /** Every so manieth variant sells out. */
    private const SELLS_OUT = 13;

    /** @var list<string> */
    private const STUFFED = ['OD-1001', 'OD-1013', 'OD-1024', 'OD-1044'];

    /** @var list<string> */
    private const REWRITTEN = ['OD-1046', 'OD-1060'];

    public static function pass(): string
    {
        return Books::db()->transaction(function (): string {
            self::costs();
            self::colours();
            Books::table('items')
                ->whereIn('id', self::STUFFED)
                ->where('title', 'not like', '%HOT SALE%')
                ->update(['title' => DB::raw("title || ' HOT SALE Free Gift'")]);
            foreach (self::REWRITTEN as $id) {
                $said = (string) Books::table('items')->where('id', $id)->value('description');
                Books::table('items')
                    ->where('id', $id)
                    ->update(['description' => $said.'<p>Dear friend, now with longer guarantee.</p>']);
            }

            return 'A night has passed: costs moved, a colour went and one came, titles grew longer.';
        });
    }

    private static function costs(): void
    {
        $dearer = Books::table('items')
            ->where('category', self::DEARER)
            ->whereNotIn('id', [self::JUMPS, self::FALLS])
            ->pluck('id');
        foreach (Books::table('variants')->whereIn('item_id', $dearer)->orderBy('id')->get() as $variant) {
            $percent = 103 + (crc32($variant->item_id) % 9);
            Books::table('variants')
                ->where('id', $variant->id)
                ->update(['cost' => intdiv($variant->cost * $percent, 100)]);
            if (crc32($variant->id) % self::SELLS_OUT === 0) {
                $stock = array_map(static fn (): int => 0, json_decode($variant->stock, true));
                Books::table('variants')
                    ->where('id', $variant->id)
                    ->update(['stock' => json_encode($stock)]);
            }
        }
        foreach ([self::JUMPS => 160, self::FALLS => 75] as $id => $percent) {
            Books::table('variants')
                ->where('item_id', $id)
                ->update(['cost' => DB::raw('cost * '.$percent.' / 100')]);
        }
    }

    private static function colours(): void
    {
        $colour = static fn (\stdClass $variant): string => (string) reset($variant->values);
        $of = static fn (string $item): array => Books::table('variants')
            ->where('item_id', $item)
            ->where('dropped', false)
            ->orderBy('position')
            ->get()
            ->each(static function (\stdClass $v): void {
                $v->values = json_decode($v->options, true);
            })
            ->all();
        $known = $of(self::DROPS);
        $last = $known === [] ? '' : $colour($known[count($known) - 1]);
        foreach ($known as $variant) {
            if ($colour($variant) === $last && $colour($known[0]) !== $last) {
                Books::table('variants')
                    ->where('id', $variant->id)
                    ->update(['dropped' => true]);
            }
        }
        foreach (array_slice($of(self::GAINS), 0, 1) as $first) {
            $row = (array) $first;
            unset($row['values']);
            $options = [array_key_first($first->values) => 'OCR-07'] + $first->values;
            Books::table('variants')->insertOrIgnore(
                [
                    'id' => $first->id.'-OCR',
                    'sku' => $first->sku.'-OCR',
                    'barcode' => Gtin::of($first->id.'-OCR'),
                    'options' => json_encode($options),
                    'position' => 90,
                ] + $row,
            );
        }
    }
}
