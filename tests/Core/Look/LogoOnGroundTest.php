<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Look;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\DrawnGround;
use WindowStall\Core\Look\LogoOnGround;
use WindowStall\Core\Look\StarterLook;

final class LogoOnGroundTest extends TestCase
{
    /** @param  array<string, int>  $colours */
    #[TestWith([['#222222' => 300], '#ffffff', true], 'dark letters on white')]
    #[TestWith([['#222222' => 300], '#1a1a1a', false], 'dark letters on a dark ground')]
    #[TestWith([['#222222' => 200, '#e0a030' => 100], '#1a1a1a', false], 'a mark alone isn’t the logo')]
    #[TestWith([['#222222' => 100, '#e0a030' => 200], '#1a1a1a', true], 'the larger part is seen')]
    #[
        TestWith(
            [['#ffffff' => 850, '#222222' => 150], '#ffffff', true],
            'letters on a white box of their own, on white',
        ),
    ]
    #[TestWith([['#ffffff' => 950, '#222222' => 50], '#ffffff', false], 'too little of it')]
    #[TestWith([[], '#ffffff', true], 'nothing drawn, nothing to judge')]
    public function test_enough_of_a_logo_has_to_differ_from_its_ground(
        array $colours,
        string $ground,
        bool $seen,
    ): void {
        self::assertSame($seen, LogoOnGround::contrast($colours, 1_000, Colour::hex($ground)) >= LogoOnGround::LEAST);
    }

    public function test_drawn_grounds_are_drawings_without_anything_else(): void
    {
        $drawn = [];
        foreach (DrawnGround::cases() as $ground) {
            foreach (StarterLook::cases() as $look) {
                $svg = $ground->svg($look->plan()->tones());
                $xml = simplexml_load_string($svg);
                self::assertNotFalse($xml, $ground->value);
                self::assertDoesNotMatchRegularExpression('/NAN|INF|href|script/i', $svg);
                $drawn[] = $svg;
            }
        }
        self::assertCount(count($drawn), array_unique($drawn), 'each look has its own');
    }
}
