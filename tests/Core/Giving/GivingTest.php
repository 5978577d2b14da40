<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Giving;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Giving\Appointment;
use WindowStall\Core\Giving\DownloadTerms;
use WindowStall\Core\Giving\GivingRefused;
use WindowStall\Core\Giving\OwnItem;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Landing\LandsItems;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Source\Giving;
use WindowStall\Core\Source\Item;

final class GivingTest extends TestCase
{
    public function test_times_are_read_once_each_and_the_earliest_first(): void
    {
        $times = Appointment::list([
            ['at' => '2026-12-13T09:30', 'places' => ' 8 '],
            ['at' => '2026-12-12T14:00', 'places' => 1],
        ]);
        self::assertSame(
            [['Sat 12 Dec 2026, 14:00', 1, '20261212T1400'], ['Sun 13 Dec 2026, 09:30', 8, '20261213T0930']],
            array_map(static fn (Appointment $one): array => [$one->words(), $one->places, $one->code()], $times),
        );
        self::assertEquals($times, Appointment::list(array_map(static fn (Appointment $one): array => $one->write(), $times)));
        self::assertEquals($times[0]->at, Appointment::ofCode('own-7/20261212T1400'));
        self::assertNull(Appointment::ofCode('own-7/file'));
    }

    /** @return iterable<string, array{list<array{at: string, places: string|int}>, string}> */
    public static function wrong(): iterable
    {
        $at = '2026-12-12T14:00';
        yield 'no day' => [[['at' => '', 'places' => 1]], 'is no day and time'];
        yield 'a day that isn’t' => [[['at' => '2026-02-30T10:00', 'places' => 1]], 'is no day and time'];
        yield 'with seconds' => [[['at' => $at.':00', 'places' => 1]], 'is no day and time'];
        yield 'no place' => [[['at' => $at, 'places' => 0]], 'from 1 to 500'];
        yield 'too many places' => [[['at' => $at, 'places' => '501']], 'from 1 to 500'];
        yield 'places in words' => [[['at' => $at, 'places' => 'eight']], 'from 1 to 500'];
        yield 'twice' => [[['at' => $at, 'places' => 1], ['at' => $at, 'places' => 2]], 'stands there twice'];
        yield 'too many' => [array_fill(0, 61, ['at' => $at, 'places' => 1]), 'up to 60'];
    }

    /** @param  list<array{at: string, places: string|int}>  $typed */
    #[DataProvider('wrong')]
    public function test_what_is_no_time_is_refused(array $typed, string $why): void
    {
        $this->expectException(GivingRefused::class);
        $this->expectExceptionMessage($why);
        Appointment::list($typed);
    }

    public function test_a_file_is_fetched_so_often_for_each_piece_until_its_days_are_over(): void
    {
        $terms = new DownloadTerms(days: 30, times: 5);
        $paid = new DateTimeImmutable('2026-12-01 10:00 UTC');
        $left = static fn (int $pieces, int $fetched, string $now): int => $terms->left($paid, $pieces, $fetched, new DateTimeImmutable($now));
        self::assertSame([5, 2, 0, 0, 8, 0], [
            $left(1, 0, '2026-12-01 10:00 UTC'),
            $left(1, 3, '2026-12-31 09:59:59 UTC'),
            $left(1, 3, '2026-12-31 10:00 UTC'),
            $left(1, 9, '2026-12-02 UTC'),
            $left(2, 2, '2026-12-02 UTC'),
            $left(0, 0, '2026-12-02 UTC'),
        ]);
        foreach ([[0, 5], [3_651, 5], [30, 0], [30, 101]] as [$days, $times]) {
            try {
                new DownloadTerms($days, $times);
                self::fail('These are none: '.$days.', '.$times);
            } catch (GivingRefused $refused) {
                self::assertStringContainsString('whole number', $refused->getMessage());
            }
        }
    }

    public function test_it_is_an_item_that_costs_what_it_costs_and_needs_no_way_anywhere(): void
    {
        $times = Appointment::list([['at' => '2026-12-12T14:00', 'places' => 8]]);
        $item = OwnItem::of('own-7', Giving::Appointment, 'Grafting', 'GB', Money::of(250, 'GBP'), $times);
        self::assertSame([['When' => 'Sat 12 Dec 2026, 14:00'], 8], [$item->variants[0]->options, $item->variants[0]->pieces()]);
        self::assertEquals($item, Item::fromArray($item->toArray()));
        $lands = new LandsItems([], new Rates(Currency::of('GBP')), Duty::none(), Money::of(99, 'GBP'));
        $landed = $lands->variant($item, $item->variants[0]);
        self::assertSame([250, 250, 0], [$landed?->total->minor, $landed?->goods->minor, $landed?->delivery->minor]);
        $file = OwnItem::of('own-8', Giving::Download, 'Plan', 'GB', Money::of(0, 'GBP'));
        self::assertSame([1, 'own-8/file', []], [count($file->variants), $file->variants[0]->id, $file->variants[0]->options]);
        self::assertGreaterThan(100_000, $file->variants[0]->pieces());
    }
}
