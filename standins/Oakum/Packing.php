<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use WindowStall\Standins\Carrier\Parcels;

/** Packs what an order still waits for into parcels, one from each warehouse, and hands them to the carrier. */
final class Packing
{
    private const CARRIER = 'Longfurrow Parcels';

    /**
     * @param  bool  $first  only what the first warehouse has, or the first line where there is one warehouse
     * @return list<array{carrier: string, tracking: string, lines: list<array{variant: string, quantity: int}>}> all of its parcels
     */
    public static function pack(\stdClass $order, bool $first): array
    {
        $parcels = json_decode($order->parcels, true);
        $packed = array_column(array_merge(...array_column($parcels, 'lines')), 'variant');
        $lines = array_values(array_filter(
            json_decode($order->lines, true),
            static fn (array $line): bool => ! in_array($line['variant'], $packed, true),
        ));
        $groups = [];
        foreach ($lines as $line) {
            $groups[$line['warehouse']][] = ['variant' => $line['variant'], 'quantity' => $line['quantity']];
        }
        if ($first && count($groups) === 1) {
            $groups = [array_slice(reset($groups), 0, 1)];
        }
        foreach ($first ? array_slice($groups, 0, 1) : $groups as $group) {
            $parcels[] = [
                'carrier' => self::CARRIER,
                'tracking' => self::along($order) ?? self::tracking((int) $order->id, count($parcels)),
                'lines' => $group,
            ];
        }

        return $parcels;
    }

    /** @param  list<array{carrier: string, tracking: string, lines: list<array{variant: string, quantity: int}>}>  $parcels */
    public static function handOver(\stdClass $order, array $parcels): void
    {
        $to = json_decode($order->address, true);
        foreach ($parcels as $parcel) {
            Parcels::take($parcel['tracking'], 'Oakum Depot', (string) $to['town'], (string) $to['country'], now());
        }
    }

    /** @param  list<array{lines: list<array{variant: string, quantity: int}>}>  $parcels */
    public static function isWhole(\stdClass $order, array $parcels): bool
    {
        return count(array_merge(...array_column($parcels, 'lines'))) >= count(json_decode($order->lines, true));
    }

    /** The parcel in which it goes along. */
    private static function along(\stdClass $order): ?string
    {
        $tracking = $order->joins === null ? null : Books::table('orders')->where('id', $order->joins)->value('tracking');

        return is_string($tracking) ? $tracking : null;
    }

    private static function tracking(int $order, int $n): string
    {
        return 'LF'.str_pad((string) ($order * 7_919 + $n * 104_729 + 100_000_000), 10, '0', STR_PAD_LEFT).'GB';
    }
}
