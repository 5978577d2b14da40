<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Policies;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Policies\GrownUpAge;

final class GrownUpAgeTest extends TestCase
{
    #[TestWith(['GB', 18])]
    #[TestWith(['DE', 18])]
    #[TestWith(['KR', 19])]
    #[TestWith(['JP', 20])]
    #[TestWith(['US', 21])]
    #[TestWith(['XX', 18])]
    public function test_each_market_has_its_age(string $country, int $age): void
    {
        self::assertSame($age, GrownUpAge::of($country));
    }
}
