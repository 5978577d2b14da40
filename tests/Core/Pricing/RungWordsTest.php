<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Pricing\Offers\RungWords;
use WindowStall\Core\Pricing\Offers\RungWordsRefused;

final class RungWordsTest extends TestCase
{
    #[TestWith(['  A row   of beans ', 'A row of beans'])]
    #[TestWith(['For the whole plot, the best of summers', 'For the whole plot, the best of summers'])]
    #[TestWith(['', ''])]
    public function test_a_stall_says_what_it_likes(string $typed, string $said): void
    {
        self::assertSame($said, RungWords::read($typed));
    }

    #[TestWith(['Best value', '“Best value” is for figures to say'])]
    #[TestWith(['our BESTSELLER', '“BESTSELLER” is for figures to say'])]
    #[TestWith(['Most popular', '“Most popular” is for figures to say'])]
    #[TestWith(['Am beliebtesten', '“beliebtesten” is for figures to say'])]
    #[TestWith(['Le plus vendu', '“Le plus vendu” is for figures to say'])]
    #[TestWith(['Más elegido', '“Más elegido” is for figures to say'])]
    #[TestWith(['Meest gekozen', '“Meest gekozen” is for figures to say'])]
    #[TestWith(['A row of beans for the length of the plot', '41 letters; 40 is the most'])]
    public function test_but_not_what_only_figures_can_say(string $typed, string $why): void
    {
        $this->expectException(RungWordsRefused::class);
        $this->expectExceptionMessage($why);
        RungWords::read($typed);
    }
}
