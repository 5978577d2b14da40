<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Print\Dots;
use WindowStall\Core\Print\FilePlan;
use WindowStall\Core\Print\Placing\Fit;
use WindowStall\Core\Print\Placing\KeptPlacing;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Print\Placing\PlacingUnreadable;
use WindowStall\Core\Print\Priced\PrintCost;

final class PlacingTest extends TestCase
{
    public function test_a_turn_of_a_whole_circle_is_nothing_and_of_a_quarter_swaps_the_sides(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 300; $n++) {
            $drawing = Prints::drawing(mt_rand(1, 4000), mt_rand(1, 4000));
            $piece = new Piece(1, mt_rand(-900, 900), mt_rand(-900, 900), mt_rand(1, 3000));
            $box = $piece->box($drawing, 3000);
            self::assertEquals($box, $piece->with(turn: 3600)->box($drawing, 3000));
            $quarter = $piece->with(turn: 900)->box($drawing, 3000);
            self::assertSame([$box->width, $box->height], [$quarter->height, $quarter->width]);
        }
    }

    public function test_dots_to_the_inch_fall_as_it_grows_and_the_widest_keeps_them(): void
    {
        $before = PHP_INT_MAX;
        for ($width = 100; $width < 6000; $width += 37) {
            $dpi = Dots::toTheInch(1417, $width);
            self::assertLessThanOrEqual($before, $dpi);
            $before = $dpi;
        }
        for ($dpi = 100; $dpi <= 600; $dpi += 50) {
            $widest = Dots::longest(1417, $dpi);
            self::assertGreaterThanOrEqual($dpi, Dots::toTheInch(1417, $widest));
            self::assertLessThan($dpi, Dots::toTheInch(1417, $widest + 1));
        }
        // 1417 pixels at 300 to the inch: 119.97 mm.
        self::assertSame(1199, Dots::longest(1417, 300));
    }

    public function test_a_file_is_as_many_pixels_as_millimetres_times_density(): void
    {
        $tee = Prints::tee();
        $front = $tee->area('front') ?? self::fail();
        $plan = FilePlan::of($tee, $front, $tee->method('direct') ?? self::fail(), 'M');
        self::assertSame([3000, 4000, 3543, 4724], [$plan->width, $plan->height, $plan->pixelsAcross(), $plan->pixelsDown()]);

        $poster = Prints::poster();
        $sheet = $poster->area('sheet') ?? self::fail();
        $a2 = FilePlan::of($poster, $sheet, $poster->method('paper') ?? self::fail(), 'A2');
        // 297 mm × 1.414 and 3 mm of bleed on each side.
        self::assertSame([4260, 5999, 'pdf', 30], [$a2->width, $a2->height, $a2->format, $a2->bleed]);
        for ($length = 10; $length < 9000; $length += 13) {
            self::assertEqualsWithDelta(($length * 300) / 254, Dots::on($length, 300), 0.5);
        }
    }

    public function test_what_is_fitted_lies_between_the_safe_lines_however_it_is_turned(): void
    {
        mt_srand(11);
        $front = Prints::tee()->area('front') ?? self::fail();
        for ($n = 0; $n < 500; $n++) {
            $drawing = Prints::drawing(mt_rand(10, 4000), mt_rand(10, 4000));
            $piece = new Piece(1, mt_rand(-4000, 4000), mt_rand(-4000, 4000), mt_rand(10, 6000), mt_rand(0, 3599));
            foreach ([Fit::inside($piece, $drawing, $front), Fit::within($piece, $drawing, $front)] as $fitted) {
                $box = $fitted->box($drawing, 3000);
                self::assertLessThanOrEqual(1, $box->beyond(3000, 4000, 80), json_encode($fitted->toArray()) ?: '');
                self::assertSame($piece->turn, $fitted->turn);
            }
        }
        $well = new Piece(1, 0, 300, 780);
        self::assertEquals($well, Fit::inside($well, Prints::drawing(), $front));
    }

    public function test_what_fills_a_sheet_goes_on_beyond_each_edge(): void
    {
        $sheet = Prints::poster()->area('sheet') ?? self::fail();
        foreach ([[100, 900], [900, 100], [297, 420]] as [$width, $height]) {
            $drawing = Prints::drawing($width, $height);
            $box = Fit::fill(new Piece(1, 40, 60, 900, 20), $drawing, $sheet)->box($drawing, 2970);
            self::assertTrue($box->covers(2970, 4200, 29), "$width × $height");
        }
    }

    public function test_printing_costs_the_first_and_each_further_area_white_under_dark_and_less_for_many(): void
    {
        $tee = Prints::tee();
        $piece = new Piece(1, 0, 0, 500);
        $one = new Placing([new Laid('front', 'direct', [$piece])], ['Oat', 'Ink'], ['M']);
        $two = $one->laying(new Laid('back', 'direct', [$piece]));
        self::assertSame(420, PrintCost::of($tee, $one, 'Oat', 'EUR')->minor);
        self::assertSame(510, PrintCost::of($tee, $one, 'Ink', 'EUR')->minor);
        // The back has a cost of its own: 4.20 + 3.50, and twice white.
        self::assertSame(770, PrintCost::of($tee, $two, 'Oat', 'EUR')->minor);
        self::assertSame(950, PrintCost::of($tee, $two, 'Ink', 'EUR')->minor);
        // 3% off from ten: 4.074; 7% from 25: 3.906.
        self::assertSame(407, PrintCost::of($tee, $one, 'Oat', 'EUR', 10)->minor);
        self::assertSame(391, PrintCost::of($tee, $one, 'Oat', 'EUR', 30)->minor);
        self::assertSame([10 => 300, 25 => 700], PrintCost::steps($tee, $one));
        self::assertSame([], PrintCost::steps($tee, $one->laying(new Laid('front', 'stitch', [$piece]))));
        // Nothing lies there: nothing is printed.
        self::assertSame(0, PrintCost::of($tee, new Placing([new Laid('front', 'direct', [])], [], []), 'Oat', 'EUR')->minor);
        $stitched = $two->laying(new Laid('front', 'stitch', [$piece]));
        self::assertSame(760 + 350, PrintCost::of($tee, $stitched, 'Oat', 'EUR')->minor);
    }

    public function test_a_kept_placing_takes_the_same_share_of_another_blank(): void
    {
        $kept = new Placing([new Laid('front', 'direct', [new Piece(1, 300, 800, 1500, 100)])], ['Oat', 'Ink'], ['M']);
        $onto = KeptPlacing::onto($kept, Prints::tee(), Prints::poster(), [2 => Prints::drawing(1000, 1000)], [1 => 2]);
        $laid = $onto->laid[0];
        self::assertSame(['sheet', 'paper'], [$laid->area, $laid->method]);
        // Half of 300 mm, and a fifth of 400 mm down.
        self::assertEquals(new Piece(2, 297, 840, 1485, 100), $laid->pieces[0]);
        self::assertSame(['Natural white'], $onto->colours);

        $back = KeptPlacing::onto($kept, Prints::tee(), Prints::tee(), [1 => Prints::drawing()]);
        self::assertEquals($kept->laid, $back->laid);
        self::assertSame(['Oat', 'Ink'], $back->colours);
    }

    public function test_it_is_read_as_it_was_written_and_what_the_blank_lacks_falls_away(): void
    {
        $placing = new Placing(
            [new Laid('front', 'direct', [new Piece(3, -50, 200, 780, 3550, true)], '#f2ead8')],
            ['Oat', 'Bottle'],
            ['M', 'XL'],
            ['Bottle' => [3 => 4]],
        );
        $said = json_decode((string) json_encode($placing->toArray()), true);
        self::assertIsArray($said);
        self::assertEquals($placing, Placing::read($said, Prints::tee()));
        self::assertSame([3, 4], $placing->artworks());
        self::assertSame(4, $placing->artworkOn('Bottle', 3));

        $other = $placing->replacing([3 => 5, 4 => 6]);
        self::assertSame([5, 6], Placing::artworksSaid($other->toArray()));
        self::assertSame([5, 6, '#f2ead8'], [...$other->artworks(), $other->laid[0]->ground]);
        self::assertSame(6, $other->artworkOn('Bottle', 5));
        self::assertSame([], Placing::artworksSaid(['laid' => 'front', 'instead' => [7]]));

        $gone = Placing::read(['colours' => ['Bottle', 'Plum']] + $said, Prints::tee());
        self::assertSame(['Bottle'], $gone->colours);
        self::assertSame(900, Placing::read(self::turned(-2700), Prints::tee())->laid[0]->pieces[0]->turn);
    }

    /** @param  array<mixed>  $said */
    #[TestWith([['laid' => 'front']])]
    #[TestWith([['laid' => [['area' => 'hood', 'method' => 'direct', 'pieces' => []]]]])]
    #[TestWith([['laid' => [['area' => 'back', 'method' => 'stitch', 'pieces' => []]]]])]
    #[TestWith([['laid' => [['area' => 'front', 'method' => 'direct', 'pieces' => [['artwork' => 1, 'x' => NAN]]]]]])]
    #[TestWith([['laid' => [['area' => 'front', 'method' => 'direct', 'pieces' => [['artwork' => 1, 'x' => 0, 'y' => 0,
        'width' => 0]]]]]])]
    #[TestWith([['laid' => [['area' => 'front', 'method' => 'direct', 'pieces' => []], ['area' => 'front',
        'method' => 'direct', 'pieces' => []]]]])]
    #[TestWith([['colours' => 'Oat']])]
    #[TestWith([['laid' => [['area' => 'front', 'method' => 'direct', 'pieces' => [], 'ground' => 'red"/><script>']]]])]
    public function test_what_is_no_placing_is_refused(array $said): void
    {
        $this->expectException(PlacingUnreadable::class);
        Placing::read($said, Prints::tee());
    }

    public function test_more_pieces_than_can_lie_on_a_blank_are_refused(): void
    {
        $piece = ['artwork' => 1, 'x' => 0, 'y' => 0, 'width' => 10, 'turn' => 0];
        $laid = ['area' => 'front', 'method' => 'direct', 'pieces' => array_fill(0, 41, $piece)];
        $this->expectExceptionMessage('At most 40 pieces');
        Placing::read(['laid' => [$laid]], Prints::tee());
    }

    /** @return array<mixed> */
    private static function turned(int $turn): array
    {
        $piece = ['artwork' => 1, 'x' => 0, 'y' => 0, 'width' => 10, 'turn' => $turn];

        return ['laid' => [['area' => 'front', 'method' => 'direct', 'pieces' => [$piece]]]];
    }
}
