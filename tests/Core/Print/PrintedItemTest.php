<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Print\Priced\TwoPrices;
use WindowStall\Core\Print\PrintedItem;
use WindowStall\Core\Print\Reading\PixelReading;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

final class PrintedItemTest extends TestCase
{
    public function test_goods_are_the_blank_with_its_printing_in_what_was_chosen(): void
    {
        $blank = Prints::tee();
        $said = $this->said(['Oat', 'Ink', 'White'], ['M' => 610, '4XL' => 1430]);
        $placing = new Placing([new Laid('front', 'direct', [new Piece(1, 0, 0, 500)])], ['Oat', 'Ink'], ['M', '4XL', '5XL']);
        $pictures = [['print:1', 'Oat'], ['print:2', 'Ink'], ['print:3', 'Oat']];
        $goods = PrintedItem::of($said, $blank, 12, 'Leek on a tee', $placing, $pictures);

        self::assertSame(['TP-TEE~12', 'Leek on a tee', 'Clothing'], [$goods->id, $goods->title, $goods->category]);
        self::assertSame(['print:1', 'print:2', 'print:3'], $goods->pictures);
        self::assertSame(
            ['TP-OAT-M~12' => 1030, 'TP-OAT-4XL~12' => 1850, 'TP-INK-M~12' => 1120, 'TP-INK-4XL~12' => 1940],
            array_combine(
                array_map(static fn (Variant $v): string => $v->id, $goods->variants),
                array_map(static fn (Variant $v): int => $v->cost->minor, $goods->variants),
            ),
        );
        self::assertSame([0, 1, ['NL' => 7], null], [
            $goods->variants[0]->picture,
            $goods->variants[2]->picture,
            $goods->variants[0]->stock,
            $goods->blank,
        ]);
        self::assertStringContainsString('By direct print, printed when ordered.', $goods->description);
        // A colour that the print house drops falls away, and nothing else does.
        $without = PrintedItem::of($this->said(['Oat'], ['M' => 610]), $blank, 12, 'Leek', $placing, $pictures);
        self::assertCount(1, $without->variants);
    }

    public function test_two_prices_part_the_sizes_where_the_step_is_largest(): void
    {
        $needed = ['S' => 2350, 'M' => 2350, 'L' => 2400, '2XL' => 2700, '4XL' => 2850];
        $two = TwoPrices::propose($needed) ?? self::fail();
        self::assertSame([2400, 'L', 2850], [$two->low, $two->upTo, $two->high]);
        foreach ($needed as $size => $least) {
            self::assertGreaterThanOrEqual($least, $two->of((string) $size, array_map(strval(...), array_keys($needed))));
        }
        $same = TwoPrices::propose(['S' => 2000, 'M' => 2000]) ?? self::fail();
        self::assertSame([2000, 2000], [$same->low, $same->high]);
        self::assertSame([900, 900], [TwoPrices::propose(['' => 900])?->low, TwoPrices::propose(['' => 900])?->of('', [''])]);
        self::assertNull(TwoPrices::propose([]));
    }

    public function test_pixels_say_colours_lines_and_what_is_half_transparent(): void
    {
        // A hundred wide: a bar of 40 in green, a line of 2 in red, a square of 20 half transparent.
        $pixels = array_fill(0, 100 * 50, 0);
        for ($y = 5; $y < 45; $y++) {
            for ($x = 5; $x < 45; $x++) {
                $pixels[$y * 100 + $x] = 255 << 24 | 0x2E6B46;
            }
            $pixels[$y * 100 + 60] = $pixels[$y * 100 + 61] = 255 << 24 | 0xC02020;
        }
        $solid = PixelReading::of(100, 50, $pixels);
        self::assertSame([['#2e6b46', 952], ['#c02020', 48]], $solid->colours);
        self::assertSame([0, 2000], [$solid->soft, $solid->line]);
        for ($y = 10; $y < 30; $y++) {
            for ($x = 72; $x < 92; $x++) {
                $pixels[$y * 100 + $x] = 120 << 24 | 0x2E6B46;
            }
        }
        // 400 of 2,080 pixels.
        self::assertSame(192, PixelReading::of(100, 50, $pixels)->soft);

        // On a white ground only what differs from it is a line.
        $page = array_fill(0, 60 * 60, 255 << 24 | 0xFFFFFF);
        for ($y = 10; $y < 50; $y++) {
            $page[$y * 60 + 30] = $page[$y * 60 + 31] = $page[$y * 60 + 32] = 255 << 24 | 0x101010;
        }
        self::assertSame(5000, PixelReading::of(60, 60, $page)->line);
        self::assertSame([[], 0, 0], array_values(get_object_vars(PixelReading::of(10, 10, array_fill(0, 100, 0)))));
    }

    /**
     * @param  list<string>  $colours
     * @param  array<string, int>  $sizes
     */
    private function said(array $colours, array $sizes): Item
    {
        $variants = [];
        foreach ($colours as $colour) {
            foreach ($sizes as $size => $cost) {
                $sku = 'TP-'.strtoupper(substr($colour, 0, 3)).'-'.$size;
                $variants[] = new Variant(
                    $sku,
                    $sku,
                    '4006381333931',
                    ['Colour' => $colour, 'Size' => (string) $size],
                    Money::of($cost, 'EUR'),
                    null,
                    190,
                    ['NL' => 7],
                    0,
                );
            }
        }

        return new Item('TP-TEE', 'Tee', '<p>Cotton.</p>', 'Clothing', ['x'], 'EUR', new DayRange(2, 4), null, $variants, Prints::tee());
    }
}
