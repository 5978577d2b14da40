<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\RowCount;

final class RowCountTest extends TestCase
{
    public function test_rows_that_were_used_or_left_out_are_accounted_for(): void
    {
        self::assertNull((new RowCount(29, 25, 4))->trouble());
        self::assertNull((new RowCount(0, 0, 0))->trouble());
    }

    public function test_a_row_that_went_nobody_knows_where_is_said(): void
    {
        $count = new RowCount(1_029, 25, 0);
        self::assertSame(1_004, $count->missing());
        self::assertSame(
            '1,029 rows came, 25 were used and 0 left out: where the others went isn’t known. Please tell us of it.',
            $count->trouble(),
        );
        self::assertSame(-1, (new RowCount(1, 2, 0))->missing(), 'one row used twice is amiss too');
    }
}
