<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use PHPUnit\Framework\TestCase;
use WindowStall\Support\Console\ViewTypes;

final class ViewTypesTest extends TestCase
{
    public function test_every_view_has_a_twin_whose_shapes_are_known(): void
    {
        $areas = (new ViewTypes())->write(dirname(__DIR__, 3).'/app');
        $types = implode('', $areas);
        foreach (
            [
                'export interface MoneyView {',
                '  minor: number;',
                '  segments: SegmentView[];',
                '  sales: (SaleView | null)[];',
                '  tones: Record<string, string>;',
                '  settings: Record<string, unknown>;',
                '  charged: MoneyView | null;',
                '  loses: boolean;',
            ] as $line
        ) {
            self::assertStringContainsString($line."\n", $types);
        }
        self::assertStringNotContainsString(
            'unknown;',
            str_replace('Record<string, unknown>;', '', $types),
            'nothing crosses the border untyped',
        );
        self::assertStringContainsString("from './stall';", $areas['pricing'], 'what is another area’s is imported');
    }
}
