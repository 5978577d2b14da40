<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\Guards\Guard;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Drift\Guards\Suspicion;
use WindowStall\Core\Drift\Guards\Tally;
use WindowStall\Core\Drift\Guards\VariantGlance;

final class GuardsTest extends TestCase
{
    public function test_an_ordinary_night_raises_no_suspicion(): void
    {
        $tally = new Tally();
        for ($n = 0; $n < 40; $n++) {
            $tally->changed(self::glance(cost: 540), self::glance(cost: 595));
        }
        $tally->changed(self::glance(pieces: 3), self::glance(pieces: 0));
        $tally->changed(self::glance(cost: 1000), self::glance(cost: 400));
        self::assertSame(
            [],
            self::guards($tally, goods: 100, missing: 4, variants: 500, inStock: 400, moved: 1, met: 99),
        );
    }

    #[TestWith([51, 10, false], 'a tenth and a bit is a supplier who tidies up')]
    #[TestWith([51, 13, true], '38 of 51 came')]
    #[TestWith([4, 2, false], 'of a few goods a few may go')]
    #[TestWith([4, 3, true])]
    public function test_a_pull_that_comes_short(int $goods, int $missing, bool $suspect): void
    {
        self::assertSame(
            $suspect ? [Guard::Short] : [],
            self::guards(new Tally(), goods: $goods, missing: $missing, met: $goods - $missing),
        );
    }

    public function test_a_pull_that_brings_nothing_says_only_that(): void
    {
        $found = self::judge(new Tally(), new GuardLimits(), 51, 51, 200, 200, 0, 0);
        self::assertSame(
            [[Guard::Empty, 'Nothing at all came, which is hardly true.']],
            array_map(static fn (Suspicion $s): array => [$s->guard, $s->words], $found),
        );
        self::assertSame([], self::judge(new Tally(), new GuardLimits(), 0, 0, 0, 0, 0, 0), 'the first pull of all');
    }

    public function test_a_decimal_sign_gone_astray_is_said_once_whichever_way_it_went(): void
    {
        foreach ([[100, 'larger'], [1, 'smaller']] as [$after, $words]) {
            $tally = new Tally();
            for ($n = 0; $n < 30; $n++) {
                $cost = 540 + $n;
                $tally->changed(
                    self::glance(cost: $cost * 10),
                    self::glance(cost: $after === 100 ? $cost * 1000 : intdiv($cost, 10)),
                );
            }
            $found = self::judge($tally, new GuardLimits(), 10, 0, 40, 40, 0, 10);
            self::assertSame([Guard::Hundredfold], array_column($found, 'guard'));
            self::assertSame("30 of 40 costs are about a hundred times $words.", $found[0]->words);
            self::assertCount(5, $found[0]->samples);
        }
    }

    public function test_one_cost_in_another_currency_is_enough(): void
    {
        $tally = new Tally();
        $tally->changed(self::glance(cost: 540), self::glance(cost: 540, currency: 'EUR'));
        $found = self::judge($tally, new GuardLimits(), 10, 0, 40, 40, 0, 10);
        self::assertSame([Guard::Currency], array_column($found, 'guard'));
        self::assertSame(['Hand trowel · Copper: 5.40 USD → 5.40 EUR'], $found[0]->samples);
    }

    public function test_too_many_sold_out_or_halved_at_once(): void
    {
        $tally = new Tally();
        for ($n = 0; $n < 30; $n++) {
            $tally->changed(self::glance(cost: 1000, pieces: 9), self::glance(cost: 500, pieces: 0));
        }
        self::assertSame([Guard::Emptied, Guard::Halved], self::guards($tally, variants: 60, inStock: 50));
        self::assertSame(
            [],
            self::guards(
                $tally,
                variants: 60,
                inStock: 50,
                limits: new GuardLimits(emptiedBp: 10_000, halvedBp: 10_000),
            ),
        );
    }

    public function test_barcodes_that_changed_hands(): void
    {
        $tally = new Tally();
        $tally->changed(self::glance(barcode: '1'), self::glance(barcode: '2'));
        $tally->changed(self::glance(barcode: '3'), self::glance(barcode: null));
        self::assertSame([2], array_keys($tally->barcodes()), 'only what another may have had');
        $tally->movedBarcode('2', 'Gloves', 'Hand trowel · Copper');
        self::assertSame([], self::guards($tally, moved: 2));
        self::assertSame([Guard::Barcodes], self::guards($tally, moved: 3));
        self::assertSame(
            ['2: Gloves → Hand trowel · Copper'],
            self::judge($tally, new GuardLimits(), 10, 0, 50, 50, 3, 10)[0]->samples,
        );
    }

    public function test_limits_are_read_leniently_and_kept_whole(): void
    {
        $limits = new GuardLimits(shortBp: 500, emptiedBp: 0, halvedBp: 10_000);
        self::assertEquals($limits, GuardLimits::from($limits->toArray()));
        self::assertEquals(
            new GuardLimits(),
            GuardLimits::from(['short' => -1, 'emptied' => '7', 'halved' => 10_001, 'else' => 5]),
        );
    }

    /** @return list<Guard> */
    private static function guards(
        Tally $tally,
        int $goods = 10,
        int $missing = 0,
        int $variants = 50,
        int $inStock = 50,
        int $moved = 0,
        int $met = 10,
        GuardLimits $limits = new GuardLimits(),
    ): array {
        return array_column(self::judge($tally, $limits, $goods, $missing, $variants, $inStock, $moved, $met), 'guard');
    }

    private static function glance(
        int $cost = 540,
        string $currency = 'USD',
        int $pieces = 5,
        ?string $barcode = null,
    ): VariantGlance {
        return new VariantGlance('Hand trowel · Copper', $cost, $currency, $pieces, $barcode);
    }

    /** @return list<\WindowStall\Core\Drift\Guards\Suspicion> */
    private static function judge(Tally $tally, GuardLimits $limits, int ...$counts): array
    {
        return $tally->judge($limits, $tally->weigh(...$counts));
    }
}
