<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Words\Weight;

final class WeightTest extends TestCase
{
    #[TestWith([0, '0 g'])]
    #[TestWith([999, '999 g'])]
    #[TestWith([1_000, '1 kg'])]
    #[TestWith([1_254, '1.25 kg'])]
    #[TestWith([12_500, '12.5 kg'])]
    #[TestWith([1_200_000, '1,200 kg'])]
    public function test_a_weight_is_said_in_grams_or_kilograms(int $grams, string $said): void
    {
        self::assertSame($said, Weight::said($grams));
    }
}
