<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;

final class DayRangeTest extends TestCase
{
    public function test_transit_comes_after_processing(): void
    {
        self::assertEquals(new DayRange(3, 7), (new DayRange(2, 4))->after(new DayRange(1, 3)));
    }

    public function test_a_span_reads_as_people_say_it(): void
    {
        self::assertSame(
            ['1 day', '3 days', '2 to 4 days'],
            [(new DayRange(1, 1))->words(), (new DayRange(3, 3))->words(), (new DayRange(2, 4))->words()],
        );
    }

    public function test_no_span_runs_backwards(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new DayRange(4, 2);
    }
}
