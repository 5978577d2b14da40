<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use PHPUnit\Framework\TestCase;
use WindowStall\Tests\Architecture\LayersTest;

/** The order of areas that is held counts for every area there is. */
final class AreasTest extends TestCase
{
    public function test_every_area_has_its_place_in_the_order(): void
    {
        $folders = array_map(basename(...), glob(__DIR__.'/../../../app/*', GLOB_ONLYDIR) ?: []);
        $areas = LayersTest::AREAS;
        sort($areas);

        self::assertSame($areas, $folders);
    }
}
