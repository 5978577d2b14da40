<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use DateTimeImmutable;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\WorkCalendar;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Spoken;

/**
 * By which days goods are with who reads their page. A page is kept for a while, so it says them for each of the days to
 * come on which it may be read; the browser takes today's.
 *
 * @phpstan-type Arrival array{days: string, until: string|null, zone: string, on: array<string, list<array{string, string}>>}
 */
final class ShownArrival
{
    /** Days to come that a kept page knows of; after that it says how long it takes. */
    private const AHEAD = 9;

    /**
     * @param  list<VariantFigures>  $variants
     * @return list<Arrival> each different one once: the day it is posted, and the days it is there, by the day it is paid,
     *     before the hour up to which orders are packed and after it
     */
    public static function of(Stall $stall, array $variants): array
    {
        $arrivals = [];
        $different = self::different($variants);
        $dispatchers = ResolveDelivery::dispatchers($stall);
        $suppliers = SupplierItem::query()
            ->whereIn('id', array_map(static fn (VariantFigures $v): int => $v->row->selling()->supplier_item_id, $different))
            ->pluck('connection_id', 'id');
        foreach ($different as $variant) {
            $dispatcher = $dispatchers[(int) $suppliers[$variant->row->selling()->supplier_item_id]] ?? null;
            $arrivals[] = [
                'days' => GoodsPage::daysWords($variant->days),
                'until' => $dispatcher?->cutOff,
                'zone' => Clock::of($stall)->zone,
                'on' => self::on(
                    $dispatcher->packing ?? new DayRange(0, 0),
                    $variant->days ?? new DayRange(0, 0),
                    WorkCalendar::of((string) $variant->warehouse, closed: $dispatcher->closed ?? []),
                    WorkCalendar::of($stall->seen()->country),
                    $dispatcher?->cutOff,
                    now(Clock::of($stall)->zone)->toDateTimeImmutable(),
                ),
            ];
        }

        return $arrivals;
    }

    /**
     * Which of the different ones is that variant's; null where it isn't known.
     *
     * @param  list<VariantFigures>  $variants
     */
    public static function place(array $variants, VariantFigures $of): ?int
    {
        $place = array_search(self::key($of), array_map(self::key(...), self::different($variants)), true);

        return is_int($place) ? $place : null;
    }

    /** @return array<string, list<array{string, string}>> */
    private static function on(
        DayRange $packing,
        DayRange $transit,
        WorkCalendar $packs,
        WorkCalendar $place,
        ?string $cutOff,
        DateTimeImmutable $now,
    ): array {
        $on = [];
        for ($ahead = 0; $ahead < self::AHEAD; $ahead++) {
            $day = $now->setTime(0, 0)->modify('+'.$ahead.' days');
            foreach ([$day, $day->setTime(23, 59)] as $paid) {
                $dates = ArrivalDates::of($paid, $cutOff, $packing, $transit, $packs, $place);
                $on[$day->format('Y-m-d')][] = [
                    Spoken::shortDay($dates->posted),
                    Spoken::shortDays($dates->earliest, $dates->latest),
                ];
            }
        }

        return $on;
    }

    /**
     * @param  list<VariantFigures>  $variants
     * @return list<VariantFigures>
     */
    private static function different(array $variants): array
    {
        $different = [];
        foreach ($variants as $variant) {
            if ($variant->days !== null) {
                $different[self::key($variant)] ??= $variant;
            }
        }

        return array_values($different);
    }

    private static function key(VariantFigures $v): string
    {
        return implode(' ', [$v->days?->min, $v->days?->max, $v->warehouse, $v->row->selling()->supplier_item_id]);
    }
}
