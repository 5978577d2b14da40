<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Group;
use WindowStall\Core\Drift\GroupFigures;
use WindowStall\Core\Drift\Told;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Money\Money;

/** Every sentence of the desk, for one and for several, and what it says of money. */
final class SentencesTest extends TestCase
{
    /** @return array<string, array{Group, int, string, string, bool}> group, changes → what happened, what it does, bad */
    public static function told(): array
    {
        return [
            'cost_up, one' => [
                Group::CostUp, 1,
                'Oakum Depot raised a cost by 3%',
                'No price moves by it.',
                false,
            ],
            'cost_up, several' => [
                Group::CostUp, 3,
                'Oakum Depot raised 3 costs, by 3 to 60%',
                'No price moves by it.',
                false,
            ],
            'cost_down, one' => [
                Group::CostDown, 1,
                'Oakum Depot lowered a cost by 3%',
                'No price moves by it.',
                false,
            ],
            'cost_down, several' => [
                Group::CostDown, 3,
                'Oakum Depot lowered 3 costs, by 3 to 60%',
                'No price moves by it.',
                false,
            ],
            'delivery, one' => [
                Group::Delivery, 1,
                'Oakum Depot changed what delivery of a variant costs by 3%',
                'No price moves by it.',
                false,
            ],
            'delivery, several' => [
                Group::Delivery, 3,
                'Oakum Depot changed what delivery of 3 variants costs, by 3 to 60%',
                'No price moves by it.',
                false,
            ],
            'item_gone, one' => [
                Group::ItemGone, 1,
                'Oakum Depot no longer offers an item of yours',
                'It can’t be bought; agreeing puts it by, with orders and address kept.',
                true,
            ],
            'item_gone, several' => [
                Group::ItemGone, 3,
                'Oakum Depot no longer offers 3 items of yours',
                'They can’t be bought; agreeing puts them by, with orders and address kept.',
                true,
            ],
            'variant_gone, one' => [
                Group::VariantGone, 1,
                'Oakum Depot took a variant off one item',
                'It can’t be bought any more; agreeing takes it off the listing.',
                true,
            ],
            'variant_gone, several' => [
                Group::VariantGone, 3,
                'Oakum Depot took 3 variants off 2 items',
                'They can’t be bought any more; agreeing takes them off their listings.',
                true,
            ],
            'renamed, one' => [
                Group::Renamed, 1,
                'Oakum Depot seems to have something of yours under another code',
                'Shoppers can’t buy it until you agree that it is the same; listing, prices, orders and address stay.',
                true,
            ],
            'renamed, several' => [
                Group::Renamed, 3,
                'Oakum Depot seems to have 3 things of yours under another code',
                'Shoppers can’t buy them until you agree that they are the same; listing, prices, orders and address stay.',
                true,
            ],
            'variant_new, one' => [
                Group::VariantNew, 1,
                'Oakum Depot offers a new variant of one item',
                'Shoppers don’t see it until you agree.',
                false,
            ],
            'variant_new, several' => [
                Group::VariantNew, 3,
                'Oakum Depot offers 3 new variants of 2 items',
                'Shoppers don’t see them until you agree.',
                false,
            ],
            'rewritten, one' => [
                Group::Rewritten, 1,
                'Oakum Depot rewrote a title and the pictures of an item',
                'What you agreed to stands; nobody sees theirs.',
                false,
            ],
            'rewritten, several' => [
                Group::Rewritten, 3,
                'Oakum Depot rewrote 3 titles and the pictures of an item',
                'What you agreed to stands; nobody sees theirs.',
                false,
            ],
            'item_back, one' => [
                Group::ItemBack, 1,
                'Oakum Depot offers an item of yours again',
                'Agreeing lays it on the bench.',
                false,
            ],
            'item_back, several' => [
                Group::ItemBack, 3,
                'Oakum Depot offers 3 items of yours again',
                'Agreeing lays them on the bench.',
                false,
            ],
            'sold_out, one' => [
                Group::SoldOut, 1,
                'Oakum Depot sold out of a variant',
                'Shoppers can’t buy it meanwhile.',
                true,
            ],
            'sold_out, several' => [
                Group::SoldOut, 3,
                'Oakum Depot sold out of 3 variants',
                'Shoppers can’t buy them meanwhile.',
                true,
            ],
            'back_in_stock, one' => [
                Group::BackInStock, 1,
                'Oakum Depot has a variant again',
                'Shoppers can buy it.',
                false,
            ],
            'back_in_stock, several' => [
                Group::BackInStock, 3,
                'Oakum Depot has 3 variants again',
                'Shoppers can buy them.',
                false,
            ],
            'options, one' => [
                Group::Options, 1,
                'Oakum Depot calls a variant of one item otherwise',
                'Values you named yourself go by their old names; look whether they still fit.',
                false,
            ],
            'options, several' => [
                Group::Options, 3,
                'Oakum Depot calls 3 variants of 2 items otherwise',
                'Values you named yourself go by their old names; look whether they still fit.',
                false,
            ],
            'weight, one' => [
                Group::Weight, 1,
                'Oakum Depot changed a weight',
                'Delivery is reckoned by it.',
                false,
            ],
            'weight, several' => [
                Group::Weight, 3,
                'Oakum Depot changed 3 weights',
                'Delivery is reckoned by it.',
                false,
            ],
            'lead_time, one' => [
                Group::LeadTime, 1,
                'Oakum Depot takes another time to post an item',
                'Your pages say so.',
                false,
            ],
            'lead_time, several' => [
                Group::LeadTime, 3,
                'Oakum Depot takes another time to post 3 items',
                'Your pages say so.',
                false,
            ],
            'rrp, one' => [
                Group::Rrp, 1,
                'Oakum Depot changed a recommended price',
                'Recipes that look at it follow.',
                false,
            ],
            'rrp, several' => [
                Group::Rrp, 3,
                'Oakum Depot changed 3 recommended prices',
                'Recipes that look at it follow.',
                false,
            ],
        ];
    }

    #[DataProvider('told')]
    public function test_a_group_is_told(Group $group, int $count, string $happened, string $does, bool $bad): void
    {
        $figures = new GroupFigures(
            count: $count,
            listings: $count === 1 ? 1 : 2,
            leastBp: 250,
            mostBp: $count === 1 ? 250 : 6_000,
            kinds: ['title' => $count, 'pictures' => 1],
        );
        $told = Told::of('Oakum Depot', $group, $figures);

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
        foreach ([Group::CostUp, Group::CostDown, Group::Delivery] as $group) {
            $told = Told::of('Kilnfold', $group, $figures);
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
        $told = Told::of('Kilnfold', Group::CostUp, new GroupFigures(2, 2, $least, $most));
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
        $told = Told::of('Kilnfold', Group::Rewritten, new GroupFigures(3, 3, kinds: $kinds));
        self::assertSame('Kilnfold rewrote '.$said, $told->headline);
    }

    /** @return array<string, array{ChangeKind, FactName, bool, Group}> whose rule counts, what stands meanwhile, its group */
    public static function kinds(): array
    {
        return [
            'Title' => [ChangeKind::Title, FactName::Title, true, Group::Rewritten],
            'Words' => [ChangeKind::Words, FactName::Words, true, Group::Rewritten],
            'Pictures' => [ChangeKind::Pictures, FactName::Pictures, true, Group::Rewritten],
            'Cost' => [ChangeKind::Cost, FactName::Cost, true, Group::CostUp],
            'SoldOut' => [ChangeKind::SoldOut, FactName::Stock, false, Group::SoldOut],
            'BackInStock' => [ChangeKind::BackInStock, FactName::Stock, false, Group::BackInStock],
            'VariantGone' => [ChangeKind::VariantGone, FactName::GoneVariants, false, Group::VariantGone],
            'VariantNew' => [ChangeKind::VariantNew, FactName::NewVariants, false, Group::VariantNew],
            'Weight' => [ChangeKind::Weight, FactName::Weight, false, Group::Weight],
            'Delivery' => [ChangeKind::Delivery, FactName::Delivery, true, Group::Delivery],
            'Options' => [ChangeKind::Options, FactName::Options, false, Group::Options],
            'LeadTime' => [ChangeKind::LeadTime, FactName::LeadTime, false, Group::LeadTime],
            'Rrp' => [ChangeKind::Rrp, FactName::Rrp, false, Group::Rrp],
            'ItemGone' => [ChangeKind::ItemGone, FactName::Availability, false, Group::ItemGone],
            'ItemBack' => [ChangeKind::ItemBack, FactName::Availability, false, Group::ItemBack],
            'VariantRenamed' => [ChangeKind::VariantRenamed, FactName::Codes, false, Group::Renamed],
            'ItemRenamed' => [ChangeKind::ItemRenamed, FactName::Codes, false, Group::Renamed],
        ];
    }

    #[DataProvider('kinds')]
    public function test_each_kind_of_change(ChangeKind $kind, FactName $fact, bool $waits, Group $group): void
    {
        self::assertSame([$fact, $waits, $group], [$kind->fact(), $kind->waits(), Group::of($kind, 100)]);
    }

    public function test_what_costs_most_to_leave_lying_comes_first(): void
    {
        $ranks = array_map(static fn (Group $group): int => $group->rank(), Group::cases());
        self::assertSame(range(0, count($ranks) - 1), $ranks);
        self::assertLessThan(Group::Rewritten->rank(), Group::CostUp->rank());
        self::assertSame(Group::CostUp, Group::of(ChangeKind::Cost, 0));
    }
}
