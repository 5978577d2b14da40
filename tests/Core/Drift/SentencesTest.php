<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\ChangeGroup;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\ChangeSentences;
use WindowStall\Core\Drift\GroupFigures;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Money\Money;

/** Every sentence of the desk, for one and for several, and what it says of money. */
final class SentencesTest extends TestCase
{
    /** @return array<string, array{ChangeGroup, int, string, string, bool}> group, changes → what happened, what it does, bad */
    public static function told(): array
    {
        return [
            'cost_up, one' => [
                ChangeGroup::CostUp, 1,
                'Oakum Depot raised a cost by 3%',
                'No price moves by it.',
                false,
            ],
            'cost_up, several' => [
                ChangeGroup::CostUp, 3,
                'Oakum Depot raised 3 costs, by 3 to 60%',
                'No price moves by it.',
                false,
            ],
            'cost_down, one' => [
                ChangeGroup::CostDown, 1,
                'Oakum Depot lowered a cost by 3%',
                'No price moves by it.',
                false,
            ],
            'cost_down, several' => [
                ChangeGroup::CostDown, 3,
                'Oakum Depot lowered 3 costs, by 3 to 60%',
                'No price moves by it.',
                false,
            ],
            'delivery, one' => [
                ChangeGroup::Delivery, 1,
                'Oakum Depot changed what delivery of a variant costs by 3%',
                'No price moves by it.',
                false,
            ],
            'delivery, several' => [
                ChangeGroup::Delivery, 3,
                'Oakum Depot changed what delivery of 3 variants costs, by 3 to 60%',
                'No price moves by it.',
                false,
            ],
            'item_gone, one' => [
                ChangeGroup::ItemGone, 1,
                'Oakum Depot no longer offers an item of yours',
                'It can’t be bought; agreeing puts it by, with orders and address kept.',
                true,
            ],
            'item_gone, several' => [
                ChangeGroup::ItemGone, 3,
                'Oakum Depot no longer offers 3 items of yours',
                'They can’t be bought; agreeing puts them by, with orders and address kept.',
                true,
            ],
            'variant_gone, one' => [
                ChangeGroup::VariantGone, 1,
                'Oakum Depot took a variant off one item',
                'It can’t be bought any more; agreeing takes it off the listing.',
                true,
            ],
            'variant_gone, several' => [
                ChangeGroup::VariantGone, 3,
                'Oakum Depot took 3 variants off 2 items',
                'They can’t be bought any more; agreeing takes them off their listings.',
                true,
            ],
            'renamed, one' => [
                ChangeGroup::Renamed, 1,
                'Oakum Depot seems to have something of yours under another code',
                'Shoppers can’t buy it until you agree that it is the same; listing, prices, orders and address stay.',
                true,
            ],
            'renamed, several' => [
                ChangeGroup::Renamed, 3,
                'Oakum Depot seems to have 3 things of yours under another code',
                'Shoppers can’t buy them until you agree that they are the same; listing, prices, orders and address stay.',
                true,
            ],
            'variant_new, one' => [
                ChangeGroup::VariantNew, 1,
                'Oakum Depot offers a new variant of one item',
                'Shoppers don’t see it until you agree.',
                false,
            ],
            'variant_new, several' => [
                ChangeGroup::VariantNew, 3,
                'Oakum Depot offers 3 new variants of 2 items',
                'Shoppers don’t see them until you agree.',
                false,
            ],
            'rewritten, one' => [
                ChangeGroup::Rewritten, 1,
                'Oakum Depot rewrote a title and the pictures of an item',
                'What you agreed to stands; nobody sees theirs.',
                false,
            ],
            'rewritten, several' => [
                ChangeGroup::Rewritten, 3,
                'Oakum Depot rewrote 3 titles and the pictures of an item',
                'What you agreed to stands; nobody sees theirs.',
                false,
            ],
            'item_back, one' => [
                ChangeGroup::ItemBack, 1,
                'Oakum Depot offers an item of yours again',
                'Agreeing lays it on the bench.',
                false,
            ],
            'item_back, several' => [
                ChangeGroup::ItemBack, 3,
                'Oakum Depot offers 3 items of yours again',
                'Agreeing lays them on the bench.',
                false,
            ],
            'sold_out, one' => [
                ChangeGroup::SoldOut, 1,
                'Oakum Depot sold out of a variant',
                'Shoppers can’t buy it meanwhile.',
                true,
            ],
            'sold_out, several' => [
                ChangeGroup::SoldOut, 3,
                'Oakum Depot sold out of 3 variants',
                'Shoppers can’t buy them meanwhile.',
                true,
            ],
            'back_in_stock, one' => [
                ChangeGroup::BackInStock, 1,
                'Oakum Depot has a variant again',
                'Shoppers can buy it.',
                false,
            ],
            'back_in_stock, several' => [
                ChangeGroup::BackInStock, 3,
                'Oakum Depot has 3 variants again',
                'Shoppers can buy them.',
                false,
            ],
            'options, one' => [
                ChangeGroup::Options, 1,
                'Oakum Depot calls a variant of one item otherwise',
                'Values you named yourself go by their old names; look whether they still fit.',
                false,
            ],
            'options, several' => [
                ChangeGroup::Options, 3,
                'Oakum Depot calls 3 variants of 2 items otherwise',
                'Values you named yourself go by their old names; look whether they still fit.',
                false,
            ],
            'weight, one' => [
                ChangeGroup::Weight, 1,
                'Oakum Depot changed a weight',
                'Delivery is reckoned by it.',
                false,
            ],
            'weight, several' => [
                ChangeGroup::Weight, 3,
                'Oakum Depot changed 3 weights',
                'Delivery is reckoned by it.',
                false,
            ],
            'lead_time, one' => [
                ChangeGroup::LeadTime, 1,
                'Oakum Depot takes another time to post an item',
                'Your pages say so.',
                false,
            ],
            'lead_time, several' => [
                ChangeGroup::LeadTime, 3,
                'Oakum Depot takes another time to post 3 items',
                'Your pages say so.',
                false,
            ],
            'rrp, one' => [
                ChangeGroup::Rrp, 1,
                'Oakum Depot changed a recommended price',
                'Recipes that look at it follow.',
                false,
            ],
            'rrp, several' => [
                ChangeGroup::Rrp, 3,
                'Oakum Depot changed 3 recommended prices',
                'Recipes that look at it follow.',
                false,
            ],
        ];
    }

    #[DataProvider('told')]
    public function test_a_group_is_told(ChangeGroup $group, int $count, string $happened, string $does, bool $bad): void
    {
        $figures = new GroupFigures(
            count: $count,
            listings: $count === 1 ? 1 : 2,
            leastBp: 250,
            mostBp: $count === 1 ? 250 : 6_000,
            kinds: ['title' => $count, 'pictures' => 1],
        );
        $told = ChangeSentences::of('Oakum Depot', $group, $figures);

        self::assertSame([$happened, $does, $bad], [$told->headline, $told->effect, $told->bad]);
    }

    /** @return array<string, array{GroupFigures, string, bool}> figures → what they do in money, whether that is bad */
    public static function money(): array
    {
        $pence = static fn (int $minor): Money => Money::of($minor, 'GBP');
        $of = static fn (int $moving, int $under, ?int $stays, ?int $less): GroupFigures => new GroupFigures(
            count: 4,
            listings: 3,
            leastBp: 100,
            mostBp: 100,
            underFloor: $under,
            moving: $moving,
            stays: $stays === null ? null : $pence($stays),
            less: $less === null ? null : $pence($less),
        );

        return [
            'nothing moves' => [$of(0, 0, null, null), 'No price moves by it.', false],
            'what agreeing would do where nothing moves' => [$of(0, 0, null, 50), 'No price moves by it.', false],
            'one moves' => [$of(1, 0, null, null), 'One price moves if you agree.', false],
            'two move' => [$of(2, 0, null, null), '2 prices move if you agree.', false],
            'a thousand move' => [$of(1_000, 0, null, null), '1,000 prices move if you agree.', false],
            'and less is kept' => [$of(2, 0, null, 1), '2 prices move if you agree, and you keep £0.01 less.', false],
            'and more is kept' => [$of(2, 0, null, -250), '2 prices move if you agree, and you keep £2.50 more.', false],
            'and as much' => [$of(2, 0, null, 0), '2 prices move if you agree, and you keep as much as before.', false],
            'prices stand' => [$of(0, 0, 120, null), 'As prices stand you keep £1.20 less of a sale.', false],
            'prices stand, and more is kept' => [$of(0, 0, -1, null), 'As prices stand you keep £0.01 more of a sale.', false],
            'one under its floor' => [$of(0, 1, null, null), 'One stands under the floor and isn’t sold meanwhile.', true],
            'two under their floor' => [$of(0, 2, null, null), '2 stand under the floor and aren’t sold meanwhile.', true],
            'all of it' => [
                $of(3, 2, 120, 30),
                'As prices stand you keep £1.20 less of a sale; 3 prices move if you agree, and you keep £0.30 less; '.
                    '2 stand under the floor and aren’t sold meanwhile.',
                true,
            ],
        ];
    }

    #[DataProvider('money')]
    public function test_what_agreeing_does_in_money(GroupFigures $figures, string $does, bool $bad): void
    {
        foreach ([ChangeGroup::CostUp, ChangeGroup::CostDown, ChangeGroup::Delivery] as $group) {
            $told = ChangeSentences::of('Kilnfold', $group, $figures);
            self::assertSame([$does, $bad], [$told->effect, $told->bad], $group->value);
        }
    }

    /** @return array<string, array{int, int, string}> least and most in basis points → as it is said of two */
    public static function moves(): array
    {
        return [
            'a hundredth of a percent' => [1, 1, ', by 0%'],
            'a tenth' => [10, 10, ', by 0.1%'],
            'just under one' => [99, 99, ', by 1%'],
            'one' => [100, 100, ', by 1%'],
            'a half, which goes up' => [150, 150, ', by 2%'],
            'just under a half' => [149, 149, ', by 1%'],
            'from under one to many' => [50, 12_345, ', by 0.5 to 123%'],
            'alike once rounded' => [300, 304, ', by 3%'],
        ];
    }

    #[DataProvider('moves')]
    public function test_how_far_costs_moved(int $least, int $most, string $said): void
    {
        $told = ChangeSentences::of('Kilnfold', ChangeGroup::CostUp, new GroupFigures(2, 2, $least, $most));
        self::assertSame('Kilnfold raised 2 costs'.$said, $told->headline);
    }

    /** @return array<string, array{array<string, int>, string}> */
    public static function rewritten(): array
    {
        return [
            'a title' => [['title' => 1], 'a title'],
            'titles' => [['title' => 2], '2 titles'],
            'a description' => [['words' => 1], 'a description'],
            'pictures of several' => [['pictures' => 2], 'the pictures of 2 items'],
            'two kinds' => [['title' => 1, 'words' => 3], 'a title and 3 descriptions'],
            'all three' => [['title' => 2, 'words' => 1, 'pictures' => 1], '2 titles, a description and the pictures of an item'],
            'none of one' => [['title' => 0, 'pictures' => 1], 'the pictures of an item'],
        ];
    }

    /** @param  array<string, int>  $kinds */
    #[DataProvider('rewritten')]
    public function test_what_was_rewritten(array $kinds, string $said): void
    {
        $told = ChangeSentences::of('Kilnfold', ChangeGroup::Rewritten, new GroupFigures(3, 3, kinds: $kinds));
        self::assertSame('Kilnfold rewrote '.$said, $told->headline);
    }

    /** @return array<string, array{ChangeKind, FactName, bool, ChangeGroup}> whose rule counts, what stands meanwhile, its group */
    public static function kinds(): array
    {
        return [
            'Title' => [ChangeKind::Title, FactName::Title, true, ChangeGroup::Rewritten],
            'Words' => [ChangeKind::Words, FactName::Words, true, ChangeGroup::Rewritten],
            'Pictures' => [ChangeKind::Pictures, FactName::Pictures, true, ChangeGroup::Rewritten],
            'Cost' => [ChangeKind::Cost, FactName::Cost, true, ChangeGroup::CostUp],
            'SoldOut' => [ChangeKind::SoldOut, FactName::Stock, false, ChangeGroup::SoldOut],
            'BackInStock' => [ChangeKind::BackInStock, FactName::Stock, false, ChangeGroup::BackInStock],
            'VariantGone' => [ChangeKind::VariantGone, FactName::GoneVariants, false, ChangeGroup::VariantGone],
            'VariantNew' => [ChangeKind::VariantNew, FactName::NewVariants, false, ChangeGroup::VariantNew],
            'Weight' => [ChangeKind::Weight, FactName::Weight, false, ChangeGroup::Weight],
            'Delivery' => [ChangeKind::Delivery, FactName::Delivery, true, ChangeGroup::Delivery],
            'Options' => [ChangeKind::Options, FactName::Options, false, ChangeGroup::Options],
            'LeadTime' => [ChangeKind::LeadTime, FactName::LeadTime, false, ChangeGroup::LeadTime],
            'Rrp' => [ChangeKind::Rrp, FactName::Rrp, false, ChangeGroup::Rrp],
            'ItemGone' => [ChangeKind::ItemGone, FactName::Availability, false, ChangeGroup::ItemGone],
            'ItemBack' => [ChangeKind::ItemBack, FactName::Availability, false, ChangeGroup::ItemBack],
            'VariantRenamed' => [ChangeKind::VariantRenamed, FactName::Codes, false, ChangeGroup::Renamed],
            'ItemRenamed' => [ChangeKind::ItemRenamed, FactName::Codes, false, ChangeGroup::Renamed],
        ];
    }

    #[DataProvider('kinds')]
    public function test_each_kind_of_change(ChangeKind $kind, FactName $fact, bool $waits, ChangeGroup $group): void
    {
        self::assertSame([$fact, $waits, $group], [$kind->fact(), $kind->waits(), ChangeGroup::of($kind, 100)]);
    }

    public function test_what_costs_most_to_leave_lying_comes_first(): void
    {
        $ranks = array_map(static fn (ChangeGroup $group): int => $group->rank(), ChangeGroup::cases());
        self::assertSame(range(0, count($ranks) - 1), $ranks);
        self::assertLessThan(ChangeGroup::Rewritten->rank(), ChangeGroup::CostUp->rank());
        self::assertSame(ChangeGroup::CostUp, ChangeGroup::of(ChangeKind::Cost, 0));
    }
}
