<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;

/** The decision table: what becomes of each kind of change, under each rule, in each circumstance. */
final class RulingTest extends TestCase
{
    #[TestWith([ChangeKind::SoldOut, false, Standing::Followed])]
    #[TestWith([ChangeKind::BackInStock, false, Standing::Followed])]
    #[TestWith([ChangeKind::LeadTime, false, Standing::Followed])]
    #[TestWith([ChangeKind::Weight, false, Standing::Followed])]
    #[TestWith([ChangeKind::Rrp, false, Standing::Followed])]
    #[TestWith([ChangeKind::Title, false, Standing::Asks])]
    #[TestWith([ChangeKind::Words, false, Standing::Asks])]
    #[TestWith([ChangeKind::Pictures, false, Standing::Asks])]
    #[TestWith([ChangeKind::Title, true, Standing::Kept])]
    #[TestWith([ChangeKind::Words, true, Standing::Kept])]
    #[TestWith([ChangeKind::Pictures, true, Standing::Kept])]
    #[TestWith([ChangeKind::VariantNew, false, Standing::Asks])]
    #[TestWith([ChangeKind::VariantGone, false, Standing::Asks])]
    #[TestWith([ChangeKind::ItemGone, false, Standing::Asks])]
    public function test_as_it_begins(ChangeKind $kind, bool $held, Standing $expected): void
    {
        self::assertSame($expected, self::rule($kind, [], new Circumstances(held: $held))->standing);
    }

    /** @param  array<mixed>  $said */
    #[TestWith([1_500, false, false, [], Standing::Followed], 'at the edge of the band')]
    #[TestWith([1_501, false, false, [], Standing::Asks], 'beyond it')]
    #[TestWith([-1_501, false, false, [], Standing::Asks], 'a cost that fell so far may be a mistake')]
    #[
        TestWith(
            [null, false, false, [], Standing::Followed],
            'in another currency there is no band; the guards look after that',
        ),
    ]
    #[TestWith([6_000, true, false, [], Standing::Kept], 'a price by hand that still keeps enough')]
    #[TestWith([6_000, true, true, [], Standing::Asks], 'a price by hand that doesn’t')]
    #[TestWith([100, false, false, ['cost' => 'ask'], Standing::Asks])]
    #[TestWith([6_000, false, false, ['cost' => 'keep'], Standing::Kept])]
    #[TestWith([6_000, false, true, ['cost' => 'keep'], Standing::Asks], 'kept, but not at a loss unseen')]
    #[TestWith([6_000, false, false, ['band' => 6_000], Standing::Followed])]
    #[TestWith([1, false, false, ['band' => 0], Standing::Asks])]
    public function test_a_cost(?int $movedBp, bool $held, bool $underFloor, array $said, Standing $expected): void
    {
        $how = new Circumstances($held, $movedBp, $underFloor);
        self::assertSame($expected, self::rule(ChangeKind::Cost, ['for the stall' => $said], $how)->standing);
    }

    #[TestWith([1_000, 1_300, false])]
    #[TestWith([1_000, 1_301, true], 'up by more than 30%')]
    #[TestWith([1_000, 699, true], 'or down')]
    #[TestWith([0, 500, false], 'from nothing there is no leap')]
    public function test_a_price_that_leaps_asks_after_all(int $was, int $is, bool $asks): void
    {
        self::assertSame($asks ? Standing::Asks : null, Ruling::onPrice($was, $is)?->standing);
    }

    public function test_the_nearest_rule_wins_and_says_whose_it_is(): void
    {
        $layers = [
            'for the stall' => ['title' => 'follow', 'band' => 500],
            'for Oakum Depot' => ['title' => 'keep'],
            'for this listing' => ['words' => 'follow', 'title' => 'nonsense'],
        ];
        $policies = Policies::of($layers);
        self::assertSame(
            [Policy::Keep, 'for Oakum Depot'],
            [$policies->for(FactName::Title), $policies->whence(FactName::Title)],
        );
        self::assertSame(
            [Policy::Follow, 'for this listing'],
            [$policies->for(FactName::Words), $policies->whence(FactName::Words)],
        );
        self::assertSame(
            [Policy::Ask, 'as it begins'],
            [$policies->for(FactName::Pictures), $policies->whence(FactName::Pictures)],
        );
        self::assertSame('5% (for the stall)', $policies->bandWords());
        self::assertSame(
            'titles: keep mine (for Oakum Depot)',
            self::rule(ChangeKind::Title, $layers, new Circumstances())->rule,
        );
    }

    public function test_whatever_is_said_a_held_word_is_never_followed(): void
    {
        foreach ([ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures] as $kind) {
            foreach (Policy::cases() as $policy) {
                $ruling = self::rule(
                    $kind,
                    ['for the stall' => [$kind->fact()->value => $policy->value]],
                    new Circumstances(held: true),
                );
                self::assertSame(Standing::Kept, $ruling->standing, $kind->value.' '.$policy->value);
            }
        }
    }

    public function test_only_what_can_be_is_chosen(): void
    {
        self::assertSame(
            Policy::Follow,
            Policies::of(['x' => ['stock' => 'keep']])->for(FactName::Stock),
            'nobody can sell what isn’t there',
        );
        self::assertSame(Policies::BAND, Policies::of(['x' => ['band' => -1], 'y' => ['band' => '5']])->bandBp);
    }

    /** @param  array<string, array<mixed>>  $layers */
    private static function rule(ChangeKind $kind, array $layers, Circumstances $how): Ruling
    {
        return Ruling::on($kind, Policies::of($layers), $how);
    }
}
