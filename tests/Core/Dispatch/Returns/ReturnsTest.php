<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Returns;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Returns\ReturnReason;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\Returns\ReturnWindow;

/** Until when something may come back, whose fault it is, and how a wish goes on. */
final class ReturnsTest extends TestCase
{
    #[TestWith([null, 'GB', '2026-12-15'], 'the law’s fourteen days')]
    #[TestWith([7, 'IE', '2026-12-15'], 'no fewer than the law')]
    #[TestWith([30, 'GB', '2026-12-31'], 'the stall’s own')]
    #[TestWith([null, 'US', '2026-12-01'], 'none, where neither says any')]
    public function test_the_longer_of_the_laws_days_and_the_stalls_counts(?int $days, string $country, string $last): void
    {
        $end = ReturnWindow::end(new DateTimeImmutable('2026-12-01 11:20', new \DateTimeZone('Europe/London')), $days, $country);
        self::assertSame($last.' 23:59:59', $end?->format('Y-m-d H:i:s'));
    }

    public function test_what_is_on_its_way_has_no_end_yet(): void
    {
        self::assertNull(ReturnWindow::end(null, 30, 'GB'));
    }

    public function test_what_came_broken_is_its_senders_and_what_came_late_the_carriers(): void
    {
        self::assertSame(
            ['unwanted' => 'stall', 'small' => 'stall', 'large' => 'stall', 'broken' => 'supplier', 'wrong' => 'supplier', 'late' => 'carrier'],
            array_map(
                static fn (ReturnReason $reason): string => $reason->bearer()->value,
                array_combine(array_column(ReturnReason::cases(), 'value'), ReturnReason::cases()),
            ),
        );
        foreach (ReturnReason::cases() as $reason) {
            self::assertSame($reason->bearer() !== Bearer::Stall, $reason->isOurs());
            self::assertNotSame('', $reason->words());
        }
    }

    public function test_what_is_settled_stays_so(): void
    {
        $goes = [];
        foreach (ReturnState::cases() as $from) {
            $to = array_filter(ReturnState::cases(), static fn (ReturnState $next): bool => $from->canBecome($next));
            $goes[$from->value] = array_values(array_map(static fn (ReturnState $next): string => $next->value, $to));
            self::assertNotSame('', $from->words());
        }
        self::assertSame([
            'asked' => ['awaited', 'kept', 'arrived', 'refused', 'exchanged'],
            'awaited' => ['kept', 'arrived', 'exchanged'],
            'kept' => [],
            'arrived' => [],
            'refused' => [],
            'exchanged' => [],
        ], $goes);
    }
}
