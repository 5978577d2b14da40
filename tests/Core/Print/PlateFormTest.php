<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Print;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Print\Plates\FlatForm;
use WindowStall\Core\Print\Plates\PlateForm;
use WindowStall\Core\Print\Plates\RoundForm;
use WindowStall\Core\Source\PrintArea;

final class PlateFormTest extends TestCase
{
    public function test_corners_of_a_flat_area_are_seen_where_they_are_said_to_be(): void
    {
        mt_srand(5);
        $area = new PrintArea('front', 'Front', 300, 400);
        for ($n = 0; $n < 200; $n++) {
            $jolt = static fn (int $at): float => $at + mt_rand(-300, 300) / 10;
            $corners = [[$jolt(600), $jolt(300)], [$jolt(1400), $jolt(300)], [$jolt(1400), $jolt(1500)], [$jolt(600), $jolt(1500)]];
            $form = new FlatForm($area, $corners);
            foreach ([[0, 0], [300, 0], [300, 400], [0, 400]] as $i => $mm) {
                self::assertEqualsWithDelta($mm, $form->pointAt(...$corners[$i]), 0.001);
            }
        }
    }

    public function test_straight_on_a_millimetre_is_so_many_units(): void
    {
        $area = new PrintArea('front', 'Front', 300, 400);
        $form = new FlatForm($area, [[100.0, 200.0], [700.0, 200.0], [700.0, 1000.0], [100.0, 1000.0]]);
        self::assertEqualsWithDelta([150, 100], $form->pointAt(400, 400), 0.0001);
        self::assertEqualsWithDelta(2.0, $form->density(), 0.0001);
        // Outside it goes on.
        self::assertEqualsWithDelta([-50, 0], $form->pointAt(0, 200), 0.0001);
    }

    public function test_round_a_pot_the_middle_lies_in_front_and_the_sides_turn_away(): void
    {
        $form = new RoundForm(new PrintArea('wrap', 'All round', 200, 72), 500, 1260, 400, 1120, 119.4);
        self::assertEqualsWithDelta([100, 36], $form->pointAt(880, 760), 0.0001);
        self::assertNull($form->pointAt(1260, 760));
        self::assertNull($form->pointAt(400, 760));
        $step = static fn (float $x): float => ($form->pointAt($x + 1, 500)[0] ?? 0) - ($form->pointAt($x, 500)[0] ?? 0);
        self::assertGreaterThan(2 * $step(880), $step(1240));
        // Just inside the edges the whole half is seen.
        self::assertEqualsWithDelta(100 + 119.4 / 2, $form->pointAt(1259.9999, 500)[0] ?? 0, 0.1);
    }

    public function test_what_is_no_form_is_refused(): void
    {
        $area = new PrintArea('front', 'Front', 300, 400);
        $bad = [
            ['form' => 'flat', 'corners' => [[0.0, 0.0], [1.0, 0.0], [2.0, 0.0]]],
            ['form' => 'flat', 'corners' => [[0.0, 0.0], [1.0, 0.0], [2.0, 0.0], [3.0, 0.0]]],
            ['form' => 'round', 'left' => 9.0, 'right' => 1.0, 'top' => 0.0, 'bottom' => 1.0, 'span' => 4.0],
            ['form' => 'bent'],
        ];
        foreach ($bad as $said) {
            try {
                PlateForm::fromArray($said, $area);
                self::fail((string) json_encode($said));
            } catch (\InvalidArgumentException $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }
}
