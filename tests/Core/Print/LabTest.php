<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Print\Colours\ClothContrast;
use WindowStall\Core\Print\Colours\Lab;

final class LabTest extends TestCase
{
    /**
     * Pairs and differences of table 1 in Sharma, Wu and Dalal, Color Research and Application 30 (2005).
     *
     * @return iterable<int, list<float>>
     */
    public static function published(): iterable
    {
        yield [50.0, 2.6772, -79.7751, 50.0, 0.0, -82.7485, 2.0425];
        yield [50.0, 3.1571, -77.2803, 50.0, 0.0, -82.7485, 2.8615];
        yield [50.0, 2.8361, -74.0200, 50.0, 0.0, -82.7485, 3.4412];
        yield [50.0, -1.3802, -84.2814, 50.0, 0.0, -82.7485, 1.0];
        yield [50.0, -1.1848, -84.8006, 50.0, 0.0, -82.7485, 1.0];
        yield [50.0, -0.9009, -85.5211, 50.0, 0.0, -82.7485, 1.0];
        yield [50.0, 0.0, 0.0, 50.0, -1.0, 2.0, 2.3669];
        yield [50.0, -1.0, 2.0, 50.0, 0.0, 0.0, 2.3669];
        yield [50.0, 2.49, -0.001, 50.0, -2.49, 0.0009, 7.1792];
        yield [50.0, 2.49, -0.001, 50.0, -2.49, 0.0010, 7.1792];
        yield [50.0, 2.49, -0.001, 50.0, -2.49, 0.0011, 7.2195];
        yield [50.0, 2.49, -0.001, 50.0, -2.49, 0.0012, 7.2195];
        yield [50.0, -0.001, 2.49, 50.0, 0.0009, -2.49, 4.8045];
        yield [50.0, -0.001, 2.49, 50.0, 0.0010, -2.49, 4.8045];
        yield [50.0, -0.001, 2.49, 50.0, 0.0011, -2.49, 4.7461];
        yield [50.0, 2.5, 0.0, 50.0, 0.0, -2.5, 4.3065];
        yield [50.0, 2.5, 0.0, 73.0, 25.0, -18.0, 27.1492];
        yield [50.0, 2.5, 0.0, 61.0, -5.0, 29.0, 22.8977];
        yield [50.0, 2.5, 0.0, 56.0, -27.0, -3.0, 31.9030];
        yield [50.0, 2.5, 0.0, 58.0, 24.0, 15.0, 19.4535];
        yield [50.0, 2.5, 0.0, 50.0, 3.1736, 0.5854, 1.0];
        yield [50.0, 2.5, 0.0, 50.0, 3.2972, 0.0, 1.0];
        yield [50.0, 2.5, 0.0, 50.0, 1.8634, 0.5757, 1.0];
        yield [50.0, 2.5, 0.0, 50.0, 3.2592, 0.3350, 1.0];
        yield [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644];
        yield [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630];
        yield [61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731];
        yield [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645];
        yield [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373];
        yield [36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146];
        yield [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441];
        yield [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381];
        yield [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377];
        yield [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082];
    }

    #[DataProvider('published')]
    public function test_differences_are_those_that_were_published(
        float $l1,
        float $a1,
        float $b1,
        float $l2,
        float $a2,
        float $b2,
        float $apart,
    ): void {
        [$one, $other] = [new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)];
        self::assertEqualsWithDelta($apart, $one->apart($other), 0.00005);
        self::assertEqualsWithDelta($apart, $other->apart($one), 0.00005);
    }

    public function test_white_black_and_red_lie_where_srgb_puts_them(): void
    {
        foreach (['#ffffff' => [100, 0, 0], '#000000' => [0, 0, 0], '#ff0000' => [53.24, 80.09, 67.20]] as $hex => $lab) {
            $read = Lab::ofHex($hex);
            self::assertEqualsWithDelta($lab, [$read->l, $read->a, $read->b], 0.02, $hex);
        }
        self::assertEqualsWithDelta(104.55, Lab::ofHex('#ff0000')->chroma(), 0.02);
    }

    public function test_a_drawing_is_told_by_the_share_that_lies_away_from_the_cloth(): void
    {
        $leek = Prints::drawing(colours: [['#2e5d3c', 600], ['#dccdb0', 400]]);
        self::assertSame(600, ClothContrast::share($leek, '#dccdb0'));
        self::assertSame(1000, ClothContrast::share($leek, '#b4623f'));
        self::assertSame(0, ClothContrast::share(Prints::drawing(colours: [['#2f3440', 1000]]), '#2f3440'));
        self::assertSame(0, ClothContrast::share(Prints::drawing(colours: []), '#2f3440'));
    }

    public function test_colours_that_look_alike_are_one_thread_and_specks_need_none(): void
    {
        $colours = [['#2e5d3c', 500], ['#305f3e', 300], ['#f4efe2', 190], ['#b4623f', 5], ['#101010', 5]];
        self::assertSame(2, ClothContrast::threads(Prints::drawing(colours: $colours)));
        self::assertSame(1, ClothContrast::threads(Prints::drawing(colours: [])));
        self::assertSame(700, ClothContrast::beyond(Prints::drawing(colours: [['#ff0000', 700], ['#808080', 300]]), 62));
    }
}
