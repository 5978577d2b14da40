<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Window;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Window\SizeTable;

final class SizeTableTest extends TestCase
{
    public function test_each_size_has_a_figure_for_each_measure_in_both_units(): void
    {
        $table = SizeTable::read('Chest, Length', [
            ['size' => 'S', 'cm' => '88-92 68'],
            ['size' => 'M', 'cm' => '96–100; 70,5'],
            ['size' => '', 'cm' => ''],
        ]);
        self::assertSame(['Chest', 'Length'], $table->measures);
        self::assertSame([
            ['size' => 'S', 'cm' => ['88–92', '68'], 'inches' => ['34.6–36.2', '26.8']],
            ['size' => 'M', 'cm' => ['96–100', '70.5'], 'inches' => ['37.8–39.4', '27.8']],
        ], $table->rows);
        self::assertSame([], $table->odd);
    }

    #[TestWith(['S', '88', 'Size S has 1 figure, but 2 are measured.'])]
    #[TestWith(['S', '88 wide', 'Size S: “wide” is no length in centimetres.'])]
    #[TestWith(['S', '92-88 68', 'Size S: “92-88” is no length in centimetres.'])]
    #[TestWith(['S', '0 68', 'Size S: “0” is no length in centimetres.'])]
    #[TestWith(['S', '88 1001', 'Size S: “1001” is no length in centimetres.'])]
    #[TestWith(['', '88 68', 'A row has no size.'])]
    public function test_what_cannot_be_shown_says_why_and_is_left_out(string $size, string $cm, string $odd): void
    {
        $table = SizeTable::read('Chest, Length', [['size' => $size, 'cm' => $cm], ['size' => 'M', 'cm' => '96 70']]);
        self::assertSame([$odd], $table->odd);
        self::assertSame(['M'], array_column($table->rows, 'size'));
    }
}
