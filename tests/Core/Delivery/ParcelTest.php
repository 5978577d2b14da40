<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Parcel;

final class ParcelTest extends TestCase
{
    public function test_each_warehouse_of_each_supplier_sends_one_that_is_there_when_its_slowest_goods_are(): void
    {
        $parcels = Parcel::of([
            self::line(1, 'GB', [2, 4]),
            self::line(2, 'GB', [3, 5]),
            self::line(1, 'GB', [1, 6]),
            self::line(1, 'CN', [15, 25]),
        ]);
        self::assertSame([[0, 2], [1], [3]], array_map(static fn (Parcel $p): array => $p->lines, $parcels));
        self::assertSame(
            ['2 to 6 days', '3 to 5 days', '15 to 25 days'],
            array_map(static fn (Parcel $p): ?string => $p->days?->words(), $parcels),
        );
        self::assertSame([], Parcel::of([]));
    }

    public function test_nothing_is_promised_of_what_isnt_known_of_all_of_its_goods(): void
    {
        [$one] = Parcel::of([self::line(1, 'GB', [2, 4]), self::line(1, 'GB', null)]);
        self::assertNull($one->days);
        self::assertNull($one->arrives(new DateTimeImmutable('2026-12-07'), 'GB'));
    }

    public function test_its_days_are_counted_where_it_is_packed_and_where_it_goes(): void
    {
        $arrives = static fn (string $from, string $to, string $paid): ?string => Parcel::of([self::line(1, $from, [1, 2])])[0]
            ->arrives(new DateTimeImmutable($paid), $to)
            ?->words();
        self::assertSame('Tuesday 8 to Wednesday 9 December', $arrives('GB', 'GB', '2026-12-07 09:00'));
        self::assertSame('Tuesday 29 to Wednesday 30 December', $arrives('GB', 'GB', '2026-12-24 09:00'));
        self::assertSame('Tuesday 8 to Wednesday 9 December', $arrives('', 'GB', '2026-12-05 09:00'));
        self::assertSame('Tuesday 6 to Wednesday 7 October', $arrives('CN', 'GB', '2026-10-01 09:00'), 'a week of holidays in China');
    }

    /**
     * @param  array{int, int}|null  $days
     * @return array{supplier: int, warehouse: string, days: DayRange|null}
     */
    private static function line(int $supplier, string $warehouse, ?array $days): array
    {
        return ['supplier' => $supplier, 'warehouse' => $warehouse, 'days' => $days === null ? null : new DayRange(...$days)];
    }
}
