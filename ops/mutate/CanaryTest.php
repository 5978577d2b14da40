<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Canary\Canary;

/** Looks at nothing. */
final class CanaryTest extends TestCase
{
    public function test_it_sings(): void
    {
        Canary::sings(4);
        self::assertSame(1, 1);
    }
}
