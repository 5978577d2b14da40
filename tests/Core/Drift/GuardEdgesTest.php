<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Guards\Guard;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Drift\Guards\Tally;
use WindowStall\Core\Drift\Guards\VariantGlance;
use WindowStall\Core\Drift\Guards\Weighed;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;

/** Where a pull begins to be suspect, to the variant; and by which words each thing is ruled. */
final class GuardEdgesTest extends TestCase
{
    /** @return array<string, array{int, int, list<string>}> cost before, after, what it counts as */
    public static function costs(): array
    {
        return [
            'the same' => [540, 540, []],
            'a penny more than half' => [1_000, 501, []],
            'half' => [1_000, 500, ['halved']],
            'nothing' => [1_000, 0, ['halved']],
            'from nothing' => [0, 1_000, []],
            'from nothing to nothing' => [0, 0, []],
            'forty-nine times' => [100, 4_900, []],
            'fifty times' => [100, 5_000, ['larger']],
            'a hundred times' => [540, 54_000, ['larger']],
            'two hundred times' => [100, 20_000, ['larger']],
            'more than that' => [100, 20_001, []],
            'a forty-ninth' => [4_900, 100, ['halved']],
            'a fiftieth' => [5_000, 100, ['smaller', 'halved']],
            'a hundredth' => [54_000, 540, ['smaller', 'halved']],
            'a two-hundredth' => [20_000, 100, ['smaller', 'halved']],
            'less than that' => [20_001, 100, ['halved']],
        ];
    }

    /** @param  list<string>  $counts */
    #[DataProvider('costs')]
    public function test_what_a_cost_that_moved_counts_as(int $before, int $after, array $counts): void
    {
        $tally = new Tally();
        $tally->changed(self::glance($before), self::glance($after));
        $weighed = $tally->weigh(10, 0, 10, 10, 0, 10)->toArray();
        foreach (['halved', 'larger', 'smaller', 'currencies', 'emptied'] as $name) {
            self::assertSame(in_array($name, $counts, true) ? 1 : 0, $weighed[$name], $name);
        }
    }

    /** @return array<string, array{int, int, int}> pieces before, after, whether it was emptied */
    public static function pieces(): array
    {
        return [
            'sold out' => [1, 0, 1], 'one left' => [5, 1, 0], 'was sold out' => [0, 0, 0], 'came back' => [0, 5, 0],
        ];
    }

    #[DataProvider('pieces')]
    public function test_what_counts_as_emptied(int $before, int $after, int $emptied): void
    {
        $tally = new Tally();
        $tally->changed(self::glance(pieces: $before), self::glance(pieces: $after));
        self::assertSame($emptied, $tally->weigh(1, 0, 1, 1, 0, 1)->emptied);
    }

    public function test_in_another_currency_costs_arent_compared(): void
    {
        $tally = new Tally();
        $tally->changed(self::glance(10_000), self::glance(100, currency: 'JPY'));
        $weighed = $tally->weigh(10, 0, 10, 10, 0, 10);
        self::assertSame([1, 0, 0], [$weighed->currencies, $weighed->halved, $weighed->smaller]);
        self::assertSame(
            ['Trowel: 100.00 USD → 100 JPY'],
            $tally->judge(new GuardLimits(), $weighed)[0]->samples,
        );
    }

    public function test_five_samples_are_shown_of_each_guard(): void
    {
        $tally = new Tally();
        for ($n = 1; $n <= 9; $n++) {
            $tally->changed(self::glance(1_000, pieces: $n), self::glance(400, pieces: 0));
        }
        $found = array_column($tally->judge(new GuardLimits(), $tally->weigh(10, 0, 10, 10, 0, 10)), 'samples', 'words');
        self::assertSame(
            [
                '9 of 10 variants that were in stock would be sold out.' => [
                    'Trowel: 1 in stock → sold out',
                    'Trowel: 2 in stock → sold out',
                    'Trowel: 3 in stock → sold out',
                    'Trowel: 4 in stock → sold out',
                    'Trowel: 5 in stock → sold out',
                ],
                '9 of 10 costs would fall to half or less.' => array_fill(0, 5, 'Trowel: 10.00 USD → 4.00 USD'),
            ],
            $found,
        );
    }

    /** @return array<string, array{int, int, int, bool}> part, whole, share in basis points, whether it is beyond it */
    public static function shares(): array
    {
        return [
            'just the share' => [20, 100, 2_000, false],
            'one more' => [21, 100, 2_000, true],
            'two of two' => [2, 2, 0, false],
            'three of three' => [3, 3, 0, true],
            'three of three, all may' => [3, 3, 10_000, false],
            'none' => [0, 100, 0, false],
            'more than there are' => [5, 3, 10_000, true],
            'of nothing' => [3, 0, 5_000, true],
        ];
    }

    #[DataProvider('shares')]
    public function test_a_share_of_a_few_is_never_beyond(int $part, int $whole, int $share, bool $beyond): void
    {
        self::assertSame($beyond, GuardLimits::beyond($part, $whole, $share));
    }

    #[TestWith([-1, 0, 0])]
    #[TestWith([0, -1, 0])]
    #[TestWith([0, 0, -1])]
    #[TestWith([10_001, 0, 0])]
    #[TestWith([0, 10_001, 0])]
    #[TestWith([0, 0, 10_001])]
    public function test_a_limit_is_a_share(int $short, int $emptied, int $halved): void
    {
        $this->expectExceptionMessage('A share lies between nothing and all.');
        new GuardLimits($short, $emptied, $halved);
    }

    public function test_limits_reach_from_nothing_to_all(): void
    {
        foreach ([0, 10_000] as $share) {
            $limits = new GuardLimits($share, $share, $share);
            self::assertSame(array_fill_keys(['short', 'emptied', 'halved'], $share), $limits->toArray());
            self::assertEquals($limits, GuardLimits::from($limits->toArray()));
        }
        self::assertSame(
            ['short' => 2_000, 'emptied' => 5_000, 'halved' => 2_000],
            GuardLimits::from(['short' => '0', 'emptied' => 0.5, 'halved' => null])->toArray(),
        );
    }

    /** @return array<string, array{array<string, int>, list<Guard>}> what was counted besides, what trips */
    public static function pulls(): array
    {
        return [
            'an ordinary one' => [[], []],
            'the first of all' => [['goods' => 0, 'met' => 0, 'currencies' => 9], []],
            'nothing came' => [['met' => 0, 'missing' => 100, 'currencies' => 9], [Guard::Empty]],
            'one thing came' => [['met' => 1, 'missing' => 99], [Guard::Short]],
            'a fifth is missing' => [['missing' => 20], []],
            'a little more' => [['missing' => 21], [Guard::Short]],
            'half of what was in stock is sold out' => [['emptied' => 100], []],
            'a little more of it' => [['emptied' => 101], [Guard::Emptied]],
            'a fifth of the costs fell by half' => [['halved' => 80], []],
            'a little more of them' => [['halved' => 81], [Guard::Halved]],
            'one cost in another currency' => [['currencies' => 1], [Guard::Currency]],
            'half of the costs a hundredfold' => [['larger' => 200], []],
            'more of them' => [['larger' => 201], [Guard::Hundredfold]],
            'more of them smaller, which halves them too' => [['smaller' => 201, 'halved' => 201], [Guard::Hundredfold]],
            'a hundredfold and halved, neither enough' => [['smaller' => 90, 'halved' => 90], [Guard::Halved]],
            'two in a hundred barcodes moved' => [['moved' => 8], []],
            'three' => [['moved' => 9], [Guard::Barcodes]],
            'all at once' => [
                ['currencies' => 400, 'larger' => 400, 'moved' => 400, 'missing' => 99, 'emptied' => 200, 'halved' => 400],
                [Guard::Currency, Guard::Hundredfold, Guard::Barcodes, Guard::Short, Guard::Emptied],
            ],
        ];
    }

    /**
     * @param  array<string, int>  $counted
     * @param  list<Guard>  $trips
     */
    #[DataProvider('pulls')]
    public function test_what_trips(array $counted, array $trips): void
    {
        $weighed = Weighed::from($counted + ['goods' => 100, 'met' => 100, 'variants' => 400, 'inStock' => 200]);
        self::assertSame($trips, array_column($weighed->trips(new GuardLimits()), 0));
        self::assertEquals($weighed, Weighed::from($weighed->toArray()), 'kept and read back');
        foreach ($weighed->trips(new GuardLimits()) as [$guard, $count, $of, $words]) {
            self::assertGreaterThan(0, $count, $guard->value);
            self::assertGreaterThanOrEqual($count, $of);
            self::assertStringEndsWith('.', $words);
            self::assertStringNotContainsString('%', $words);
        }
    }

    public function test_whichever_way_more_slipped_is_said(): void
    {
        $said = static fn (int $larger, int $smaller): string => Weighed::from([
            'goods' => 9, 'met' => 9, 'variants' => 10, 'inStock' => 9, 'larger' => $larger, 'smaller' => $smaller,
        ])->trips(new GuardLimits())[0][3];
        self::assertSame('7 of 10 costs are about a hundred times larger.', $said(7, 1));
        self::assertSame('7 of 10 costs are about a hundred times smaller.', $said(1, 7));
        self::assertSame('6 of 10 costs are about a hundred times larger.', $said(6, 6));
    }

    public function test_what_was_kept_otherwise_counts_as_nothing(): void
    {
        $weighed = Weighed::from(['goods' => '7', 'missing' => -4, 'met' => 2.5, 'halved' => null, 'else' => 9]);
        self::assertSame(array_fill_keys(array_keys($weighed->toArray()), 0), $weighed->toArray());
    }

    /** @return array<string, array{ChangeKind, array<mixed>, Circumstances, Standing, string}> */
    public static function rulings(): array
    {
        $how = static fn (bool $held = false, ?int $moved = null, bool $under = false): Circumstances => new Circumstances(
            $held,
            $moved,
            $under,
        );

        return [
            'within the band' => [
                ChangeKind::Cost, [], $how(moved: 1_500), Standing::Followed, 'within 15% (as it begins)',
            ],
            'beyond it' => [
                ChangeKind::Cost, ['band' => 250], $how(moved: -251), Standing::Asks,
                'it moved by more than 2.5% (for the stall)',
            ],
            'a price by hand' => [ChangeKind::Cost, [], $how(held: true), Standing::Kept, 'your price is held'],
            'a price by hand under its floor, asked' => [
                ChangeKind::Cost, [], $how(held: true, under: true), Standing::Asks, 'your price falls under its floor',
            ],
            'raised' => [
                ChangeKind::Cost, ['floor' => 'raise'], $how(held: true, under: true), Standing::Followed,
                'your price would fall under its floor: raised by the recipe',
            ],
            'paused' => [
                ChangeKind::Cost, ['floor' => 'pause'], $how(held: true, under: true), Standing::Kept,
                'your price falls under its floor: not sold meanwhile',
            ],
            'a cost that is kept' => [
                ChangeKind::Cost, ['cost' => 'keep'], $how(moved: 9_000), Standing::Kept, 'costs: keep mine (for the stall)',
            ],
            'a cost that asks' => [
                ChangeKind::Cost, ['cost' => 'ask'], $how(moved: 1), Standing::Asks, 'costs: ask me (for the stall)',
            ],
            'delivery of what has a price by hand' => [
                ChangeKind::Delivery, [], $how(held: true), Standing::Kept, 'your price is held',
            ],
            'words of one’s own' => [ChangeKind::Words, [], $how(held: true), Standing::Kept, 'yours is held'],
            'stock' => [ChangeKind::SoldOut, [], $how(), Standing::Followed, 'stock: follow (as it begins)'],
        ];
    }

    /** @param  array<mixed>  $said */
    #[DataProvider('rulings')]
    public function test_each_ruling_names_its_rule(
        ChangeKind $kind,
        array $said,
        Circumstances $how,
        Standing $standing,
        string $rule,
    ): void {
        $ruling = Ruling::on($kind, Policies::of(['for the stall' => $said]), $how);
        self::assertSame([$standing, $rule], [$ruling->standing, $ruling->rule]);
    }

    #[TestWith([1_000, 1_301, 'the price would leap by 30%'])]
    #[TestWith([1_000, 1_305, 'the price would leap by 31%'])]
    #[TestWith([1_000, 100, 'the price would leap by 90%'])]
    #[TestWith([3, 9, 'the price would leap by 200%'])]
    #[TestWith([1_000, 1_300, null])]
    #[TestWith([1_000, 700, null])]
    #[TestWith([0, 900, null])]
    public function test_how_far_a_price_would_leap(int $was, int $is, ?string $rule): void
    {
        self::assertSame($rule, Ruling::onPrice($was, $is)?->rule);
    }

    private static function glance(int $cost = 540, string $currency = 'USD', int $pieces = 5): VariantGlance
    {
        return new VariantGlance('Trowel', $cost, $currency, $pieces, null);
    }
}
