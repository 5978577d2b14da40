<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\ChangeGroup;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\ChangeSentences;
use WindowStall\Core\Drift\GroupFigures;
use WindowStall\Core\Money\Money;

final class ToldTest extends TestCase
{
    public function test_costs_are_told_with_their_money(): void
    {
        $told = ChangeSentences::of(
            'Oakum Depot',
            ChangeGroup::CostUp,
            new GroupFigures(14, 9, 300, 6_000, 3, 11, Money::of(254, 'GBP'), Money::of(-160, 'GBP')),
        );
        self::assertSame('Oakum Depot raised 14 costs, by 3 to 60%', $told->headline);
        self::assertSame(
            'As prices stand you keep £2.54 less of a sale; 11 prices move if you agree, and you keep £1.60 more; 3 '.
                'stand under the floor and aren’t sold meanwhile.',
            $told->effect,
        );
        self::assertTrue($told->bad);
        $told = ChangeSentences::of(
            'Kilnfold',
            ChangeGroup::CostDown,
            new GroupFigures(1, 1, 2_000, 2_000, 0, 1, less: Money::of(0, 'GBP')),
        );
        self::assertSame(
            ['Kilnfold lowered a cost by 20%', 'One price moves if you agree, and you keep as much as before.'],
            [$told->headline, $told->effect],
        );
        self::assertSame('No price moves by it.', ChangeSentences::of('X', ChangeGroup::CostUp, new GroupFigures(2, 1, 40, 45))->effect);
        self::assertSame(
            'X raised 2 costs, by 0.4 to 0.5%',
            ChangeSentences::of('X', ChangeGroup::CostUp, new GroupFigures(2, 1, 40, 45))->headline,
        );
    }

    public function test_every_group_is_told_for_one_and_for_many(): void
    {
        foreach (ChangeGroup::cases() as $group) {
            foreach ([1, 1_200] as $n) {
                $told = ChangeSentences::of(
                    'Oakum Depot',
                    $group,
                    new GroupFigures($n, $n, 100, 100, kinds: ['title' => $n, 'words' => $n, 'pictures' => $n]),
                );
                self::assertStringStartsWith('Oakum Depot ', $told->headline);
                self::assertStringEndsWith('.', $told->effect);
                self::assertSame($n > 1, str_contains($told->headline, '1,200'), $told->headline);
            }
        }
        self::assertSame(
            'Oakum Depot rewrote a title and 5 descriptions',
            ChangeSentences::of('Oakum Depot', ChangeGroup::Rewritten, new GroupFigures(6, 5, kinds: ['title' => 1, 'words' => 5]))
                ->headline,
        );
    }

    public function test_each_kind_of_change_has_its_group(): void
    {
        foreach (ChangeKind::cases() as $kind) {
            self::assertInstanceOf(ChangeGroup::class, ChangeGroup::of($kind, 5));
        }
        self::assertSame(
            [ChangeGroup::CostUp, ChangeGroup::CostDown, ChangeGroup::CostUp],
            [ChangeGroup::of(ChangeKind::Cost, 5), ChangeGroup::of(ChangeKind::Cost, -5), ChangeGroup::of(ChangeKind::Cost, null)],
        );
    }
}
