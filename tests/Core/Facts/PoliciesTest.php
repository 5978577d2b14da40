<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Facts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Facts\Fact;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\FloorPolicy;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;

/** Who says what becomes of a fact: the nearest wins, and what can't be read isn't said. */
final class PoliciesTest extends TestCase
{
    public function test_where_nobody_said_anything_each_fact_begins_as_it_does(): void
    {
        $none = Policies::of([]);
        foreach (FactName::cases() as $fact) {
            self::assertSame($fact->begins(), $none->for($fact), $fact->value);
            self::assertSame('as it begins', $none->whence($fact));
            self::assertContains($fact->begins(), $fact->choices(), $fact->value.' begins as something one can choose');
            self::assertNotSame('', $fact->words());
        }
        self::assertSame(
            [Policies::BAND, '15% (as it begins)', FloorPolicy::Ask, Policies::PULLS],
            [$none->bandBp, $none->bandWords(), $none->floor, $none->afterPulls],
        );
    }

    public function test_what_moves_by_itself_follows_and_words_ask(): void
    {
        $begin = static fn (Policy $policy): array => array_values(array_map(
            static fn (FactName $fact): string => $fact->value,
            array_filter(FactName::cases(), static fn (FactName $fact): bool => $fact->begins() === $policy),
        ));
        self::assertSame(['cost', 'delivery', 'stock', 'options', 'weight', 'lead', 'rrp'], $begin(Policy::Follow));
        self::assertSame(['title', 'words', 'pictures', 'new', 'gone', 'availability', 'codes'], $begin(Policy::Ask));
    }

    public function test_stock_and_days_are_never_kept_as_one_would_rather_have_them(): void
    {
        foreach (FactName::cases() as $fact) {
            $said = Policies::of(['for the stall' => [$fact->value => 'keep']]);
            $can = in_array(Policy::Keep, $fact->choices(), true);
            self::assertSame($can ? Policy::Keep : $fact->begins(), $said->for($fact), $fact->value);
            self::assertSame($can ? 'for the stall' : 'as it begins', $said->whence($fact));
        }
    }

    /** @return array<string, array{array<string, array<mixed>>, Policy, string}> layers, and what counts for a title */
    public static function layers(): array
    {
        $stall = ['for the stall' => ['title' => 'follow']];
        $supplier = ['for Oakum Depot' => ['title' => 'ask']];
        $listing = ['for this listing' => ['title' => 'follow']];

        return [
            'the stall alone' => [$stall, Policy::Follow, 'for the stall'],
            'the supplier is nearer' => [$stall + $supplier, Policy::Ask, 'for Oakum Depot'],
            'the listing is nearest' => [$stall + $supplier + $listing, Policy::Follow, 'for this listing'],
            'one that says nothing of it' => [$stall + ['for Oakum Depot' => ['cost' => 'ask']], Policy::Follow, 'for the stall'],
            'one that can’t be read' => [$stall + ['for Oakum Depot' => ['title' => 'perhaps']], Policy::Follow, 'for the stall'],
            'a number' => [$stall + ['for Oakum Depot' => ['title' => 1]], Policy::Follow, 'for the stall'],
            'nothing' => [$stall + ['for Oakum Depot' => ['title' => null]], Policy::Follow, 'for the stall'],
            'a list' => [$stall + ['for Oakum Depot' => ['title' => ['ask']]], Policy::Follow, 'for the stall'],
        ];
    }

    /** @param  array<string, array<mixed>>  $layers */
    #[DataProvider('layers')]
    public function test_the_nearest_that_says_something_wins(array $layers, Policy $policy, string $whence): void
    {
        $policies = Policies::of($layers);
        self::assertSame([$policy, $whence], [$policies->for(FactName::Title), $policies->whence(FactName::Title)]);
        self::assertSame(FactName::Words->begins(), $policies->for(FactName::Words), 'nothing else is touched');
    }

    /** @return array<string, array{mixed, int, string}> what is said of the band, what counts, and in words */
    public static function bands(): array
    {
        return [
            'nothing moves unasked' => [0, 0, '0% (for the stall)'],
            'a quarter of a hundredth' => [25, 25, '0.25% (for the stall)'],
            'a half' => [5_050, 5_050, '50.5% (for the stall)'],
            'ten times' => [100_000, 100_000, '1000% (for the stall)'],
            'more than that' => [100_001, 1_500, '15% (as it begins)'],
            'less than nothing' => [-1, 1_500, '15% (as it begins)'],
            'words' => ['2000', 1_500, '15% (as it begins)'],
            'a fraction' => [20.5, 1_500, '15% (as it begins)'],
        ];
    }

    #[DataProvider('bands')]
    public function test_the_band_within_which_a_cost_is_followed(mixed $said, int $bp, string $words): void
    {
        $policies = Policies::of(['for the stall' => ['band' => $said]]);
        self::assertSame([$bp, $words], [$policies->bandBp, $policies->bandWords()]);
    }

    /** @return array<string, array{mixed, int}> */
    public static function pulls(): array
    {
        return [
            'never' => [0, 0], 'at once' => [1, 1], 'the most' => [99, 99], 'more' => [100, 5], 'less' => [-1, 5],
            'words' => ['7', 5],
        ];
    }

    #[DataProvider('pulls')]
    public function test_after_how_many_pulls_what_is_gone_is_put_by(mixed $said, int $pulls): void
    {
        self::assertSame($pulls, Policies::of(['for the stall' => ['pulls' => $said]])->afterPulls);
    }

    public function test_band_floor_and_pulls_are_the_nearest_ones_too(): void
    {
        $policies = Policies::of([
            'for the stall' => ['band' => 500, 'floor' => 'raise', 'pulls' => 2],
            'for Oakum Depot' => ['band' => 900, 'floor' => 'nonsense'],
            'for this listing' => ['pulls' => 3, 'floor' => 'pause'],
        ]);
        self::assertSame(
            [900, '9% (for Oakum Depot)', FloorPolicy::Pause, 3],
            [$policies->bandBp, $policies->bandWords(), $policies->floor, $policies->afterPulls],
        );
        foreach (FloorPolicy::cases() as $floor) {
            self::assertSame($floor, Policies::of(['x' => ['floor' => $floor->value]])->floor);
            self::assertNotSame('', $floor->words());
        }
    }

    /** @return array<string, array{Fact<string>, string}> a fact, and what shoppers see */
    public static function facts(): array
    {
        return [
            'agreed and the same' => [Fact::following('a', 'a'), 'a'],
            'follows' => [Fact::following('a', 'b'), 'b'],
            'asks' => [Fact::following('a', 'b', Policy::Ask), 'a'],
            'is kept' => [Fact::following('a', 'b', Policy::Keep), 'a'],
            'is the seller’s own' => [Fact::held('a', 'b', 'mine'), 'mine'],
            'is the seller’s own, and the supplier’s still the same' => [Fact::held('a', 'a', 'mine'), 'mine'],
            'is the seller’s own, whatever the policy' => [Fact::held('a', 'b', 'mine', Policy::Ask), 'mine'],
            'is the seller’s own, and nothing' => [Fact::held('a', 'b', ''), ''],
        ];
    }

    /** @param  Fact<string>  $fact */
    #[DataProvider('facts')]
    public function test_what_shoppers_see_of_a_fact(Fact $fact, string $shown): void
    {
        self::assertSame($shown, $fact->shown());
    }
}
