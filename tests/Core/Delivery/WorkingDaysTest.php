<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\WorkingDays;

final class WorkingDaysTest extends TestCase
{
    #[TestWith(['2026-11-24', 0, '2026-11-24'], 'a Tuesday')]
    #[TestWith(['2026-11-24', 3, '2026-11-27'])]
    #[TestWith(['2026-11-24', 4, '2026-11-30'], 'over the weekend')]
    #[TestWith(['2026-11-28', 0, '2026-11-30'], 'a Saturday waits for Monday')]
    #[TestWith(['2026-11-28', 1, '2026-12-01'])]
    #[TestWith(['2026-11-24', 22, '2026-12-24'])]
    public function test_weekends_are_passed_over(string $from, int $count, string $to): void
    {
        self::assertSame($to, WorkingDays::after(new \DateTimeImmutable($from), $count)->format('Y-m-d'));
    }
}
