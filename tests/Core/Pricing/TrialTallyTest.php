<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Listing\PricedOnce;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Pricing\Listing\TrialTally;

/** What a trial would do, added up variant by variant; and prices of one listing brought together. */
final class TrialTallyTest extends TestCase
{
    /** @return array<string, array{PricedOnce, PricedOnce, array<string, int>}> before, after, what is counted */
    public static function variants(): array
    {
        return [
            'nothing moves' => [self::at(1_000), self::at(1_000), []],
            'up' => [self::at(1_000), self::at(1_001), ['up' => 1]],
            'down' => [self::at(1_000), self::at(999), ['down' => 1]],
            'up from nothing' => [self::at(0), self::at(1), ['up' => 1]],
            'no price any more' => [self::at(1_000), self::at(null), ['unpriced' => 1]],
            'a price at last' => [self::at(null), self::at(1_000), []],
            'none before and after' => [self::at(null), self::at(null), ['unpriced' => 1]],
            'falls under its floor' => [
                self::at(1_000), self::at(900, under: true), ['down' => 1, 'underAfter' => 1, 'fallen' => 1],
            ],
            'stays under it' => [self::at(1_000, under: true), self::at(1_000, under: true), ['underBefore' => 1, 'underAfter' => 1]],
            'comes above it' => [self::at(1_000, under: true), self::at(1_100), ['up' => 1, 'underBefore' => 1]],
            'another recipe' => [self::at(1_000, recipe: 1), self::at(1_100, recipe: 2), ['up' => 1, 'crossed' => 1]],
            'another recipe, the same price' => [self::at(1_000, recipe: 1), self::at(1_000, recipe: 2), []],
            'a recipe of its own before' => [self::at(1_000), self::at(1_100, recipe: 2), ['up' => 1]],
            'a recipe of its own now' => [self::at(1_000, recipe: 1), self::at(1_100), ['up' => 1]],
            'the same recipe' => [self::at(1_000, recipe: 1), self::at(1_100, recipe: 1), ['up' => 1]],
        ];
    }

    /** @param  array<string, int>  $counted */
    #[DataProvider('variants')]
    public function test_each_variant_is_counted_as_what_it_is(PricedOnce $before, PricedOnce $after, array $counted): void
    {
        $tally = new TrialTally();
        $tally->add(7, $before, $after, 0);
        $names = ['up', 'down', 'underBefore', 'underAfter', 'fallen', 'crossed', 'unpriced', 'sold', 'keptBefore', 'keptAfter'];
        foreach ($names as $name) {
            self::assertSame($counted[$name] ?? 0, $tally->{$name}, $name);
        }
        self::assertSame(1, $tally->variants);
        self::assertCount(($counted['up'] ?? 0) + ($counted['down'] ?? 0), $tally->biggest());
    }

    public function test_what_is_kept_counts_by_the_pieces_sold(): void
    {
        $tally = new TrialTally();
        $tally->add(1, self::at(1_000, keep: 200), self::at(1_100, keep: 290), 3);
        $tally->add(2, self::at(1_000, keep: -50), self::at(null), 2);
        $tally->add(3, self::at(1_000, keep: 999), self::at(1_000, keep: 1), 0);
        self::assertSame([5, 500, 870], [$tally->sold, $tally->keptBefore, $tally->keptAfter]);
    }

    #[TestWith([-1, 0])]
    #[TestWith([0, 1])]
    #[TestWith([499, 1])]
    #[TestWith([500, 2])]
    #[TestWith([5_999, 12])]
    #[TestWith([6_000, 13])]
    #[TestWith([9_900, 13])]
    public function test_margins_lie_in_bands_that_begin_where_they_say(int $marginBp, int $band): void
    {
        self::assertSame($band, TrialTally::band($marginBp));
        $tally = new TrialTally();
        $tally->add(1, self::at(1_000, margin: $marginBp), self::at(1_000), 0);
        self::assertSame([$band => 1], array_filter($tally->before));
        self::assertSame([], array_filter($tally->after), 'without a margin it lies in none');
        self::assertCount(14, $tally->before);
    }

    /** However they come, the farthest twelve are shown, and of those alike the first numbers. */
    public function test_the_biggest_moves_whatever_the_order_they_come_in(): void
    {
        $moves = [];
        for ($variant = 1; $variant <= 400; $variant++) {
            $moves[$variant] = 1_000 + (($variant * 37) % 101) - 50;
        }
        $farthest = array_map(static fn (int $after): int => abs($after - 1_000) * 10, array_values($moves));
        rsort($farthest);
        $seen = null;
        foreach ([1, 2, 3] as $seed) {
            mt_srand($seed);
            $order = array_keys($moves);
            usort($order, static fn (): int => mt_rand(-1, 1));
            $tally = new TrialTally();
            foreach ($order as $variant) {
                $tally->add($variant, self::at(1_000), self::at($moves[$variant]), 0);
            }
            $biggest = $tally->biggest();
            self::assertCount(TrialTally::BIGGEST, $biggest);
            $far = array_map(static fn (array $m): int => abs($m['movedBp']), $biggest);
            self::assertSame(array_slice($farthest, 0, TrialTally::BIGGEST), $far);
            $seen ??= $biggest;
            self::assertSame(array_column($seen, 'movedBp'), array_column($biggest, 'movedBp'));
        }
    }

    public function test_a_move_is_told_whole(): void
    {
        $tally = new TrialTally();
        $tally->add(5, self::at(800, recipe: 1), self::at(900, recipe: 2, goods: 333), 0);
        $tally->add(6, self::at(0), self::at(500), 0);
        $tally->add(4, self::at(900), self::at(600), 0);
        self::assertSame([
            ['variant' => 6, 'before' => 0, 'after' => 500, 'movedBp' => 10_000, 'from' => 0, 'to' => 0, 'goods' => null],
            ['variant' => 4, 'before' => 900, 'after' => 600, 'movedBp' => -3_333, 'from' => 0, 'to' => 0, 'goods' => null],
            ['variant' => 5, 'before' => 800, 'after' => 900, 'movedBp' => 1_250, 'from' => 1, 'to' => 2, 'goods' => 333],
        ], $tally->biggest());
    }

    /** @return array<string, array{PriceSpread, array<int, int|null>, array<int, string>, array<int, int|null>}> */
    public static function spreads(): array
    {
        $sizes = [1 => 'S', 2 => 'M', 3 => 'L', 4 => 'XL'];
        $prices = [1 => 900, 2 => 1_000, 3 => 950, 4 => 1_200];

        return [
            'each its own' => [new PriceSpread(AcrossVariants::Each), $prices, $sizes, $prices],
            'one for all: the dearest' => [new PriceSpread(AcrossVariants::One), $prices, $sizes, array_fill(1, 4, 1_200)],
            'one for one' => [new PriceSpread(AcrossVariants::One), [7 => 500], [], [7 => 500]],
            'none of none' => [new PriceSpread(AcrossVariants::One), [], [], []],
            'one for all that have one' => [
                new PriceSpread(AcrossVariants::One), [1 => null, 2 => 700, 3 => 800], [], [1 => null, 2 => 800, 3 => 800],
            ],
            'up to a size, and above' => [
                self::stepped([['S', 'M'], ['L', 'XL']]), $prices, $sizes, [1 => 1_000, 2 => 1_000, 3 => 1_200, 4 => 1_200],
            ],
            'sizes in no group are one more' => [
                self::stepped([['S', 'M']]), $prices, $sizes, [1 => 1_000, 2 => 1_000, 3 => 1_200, 4 => 1_200],
            ],
            'no groups at all' => [self::stepped([]), $prices, $sizes, array_fill(1, 4, 1_200)],
            'a size that isn’t said' => [
                self::stepped([['S'], ['M']]), [1 => 900, 2 => 1_000, 9 => 400], [1 => 'S', 2 => 'M'],
                [1 => 900, 2 => 1_000, 9 => 400],
            ],
            'the first group that has it counts' => [
                self::stepped([['S'], ['S', 'M']]), [1 => 900, 2 => 1_000], $sizes, [1 => 900, 2 => 1_000],
            ],
            'a group without a price' => [
                self::stepped([['S'], ['M']]), [1 => null, 2 => 1_000], $sizes, [1 => null, 2 => 1_000],
            ],
        ];
    }

    /**
     * @param  array<int, int|null>  $prices
     * @param  array<int, string>  $values
     * @param  array<int, int|null>  $spread
     */
    #[DataProvider('spreads')]
    public function test_prices_of_a_listing_go_together(PriceSpread $how, array $prices, array $values, array $spread): void
    {
        self::assertSame($spread, $how->over($prices, $values));
        self::assertSame($spread, $how->over($spread, $values), 'brought together twice, the same');
    }

    /** @param  list<list<string>>  $groups */
    private static function stepped(array $groups): PriceSpread
    {
        return new PriceSpread(AcrossVariants::Stepped, 'Size', $groups);
    }

    private static function at(
        ?int $price,
        ?int $keep = null,
        ?int $margin = null,
        bool $under = false,
        int $recipe = 0,
        ?int $goods = null,
    ): PricedOnce {
        return new PricedOnce($price, $keep, $margin, $under, $recipe, $goods);
    }
}
