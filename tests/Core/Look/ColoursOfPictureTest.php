<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Look;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\ColoursOfPicture;
use WindowStall\Core\Look\Veil;

final class ColoursOfPictureTest extends TestCase
{
    public function test_the_colours_of_a_logo_come_before_its_paper_and_ink(): void
    {
        $found = ColoursOfPicture::of([
            '#ffffff' => 6_000,
            '#1a1a1a' => 900,
            '#24503b' => 1_800,
            '#26523d' => 300,
            '#c8502f' => 500,
            '#7f9a8d' => 40,
        ]);
        self::assertCount(3, $found);
        self::assertNear('#24503b', $found[0]);
        self::assertNear('#c8502f', $found[1]);
        self::assertNear('#ffffff', $found[2]);
    }

    public function test_shades_that_look_alike_are_one(): void
    {
        self::assertCount(1, ColoursOfPicture::of(['#24503b' => 500, '#27533e' => 400, '#224e39' => 300]));
    }

    public function test_the_same_picture_gives_the_same_colours_in_whatever_order_its_pixels_come(): void
    {
        $pixels = [];
        mt_srand(5);
        for ($n = 0; $n < 200; $n++) {
            $pixels[sprintf('#%06x', mt_rand(0, 0xFFFFFF))] = mt_rand(1, 50);
        }
        $hexes = static fn (array $p): array => array_map(
            static fn (Colour $c): string => $c->toHex(),
            ColoursOfPicture::of($p),
        );
        self::assertSame($hexes($pixels), $hexes(array_reverse($pixels, true)));
    }

    public function test_a_picture_without_a_pixel_has_none(): void
    {
        self::assertSame([], ColoursOfPicture::of([]));
    }

    public function test_a_veil_is_as_dark_as_the_brightest_pixel_needs_and_no_darker(): void
    {
        $words = Colour::hex('#fff4dd');
        $under = [Colour::hex('#e8dcc4'), Colour::hex('#3a4a44')];
        $veil = Veil::over($under, $words);
        self::assertGreaterThanOrEqual(
            4.5,
            Veil::contrast(array_map(static fn (Colour $c): Colour => $c->darkened($veil), $under), $words),
        );
        self::assertLessThan(
            4.5,
            Veil::contrast(array_map(static fn (Colour $c): Colour => $c->darkened($veil - 0.02), $under), $words),
        );
        self::assertSame(0.0, Veil::over([Colour::hex('#101010')], $words), 'none over what is dark already');
        self::assertSame(
            1.0,
            Veil::over([Colour::hex('#000000')], Colour::hex('#222222')),
            'nothing helps words as dark as the veil',
        );
    }

    private static function assertNear(string $hex, Colour $found): void
    {
        $one = Colour::hex($hex)->toOklab();
        $two = $found->toOklab();
        self::assertLessThan(
            0.05,
            hypot($one[0] - $two[0], $one[1] - $two[1]) + abs($one[2] - $two[2]),
            $hex.' against '.$found->toHex(),
        );
    }
}
