<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Bench;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Bench\Supply;
use WindowStall\Core\Bench\Twin;
use WindowStall\Core\Bench\TwinGroup;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

final class TwinGroupTest extends TestCase
{
    /** @return iterable<string, array{Twin, Twin, string}> the better, the worse, why */
    public static function pairs(): iterable
    {
        yield 'cheapest landed' => [self::twin(1, 600, 9, 1), self::twin(2, 601, 2, 99), 'it lands cheapest'];
        yield 'then fastest' => [
            self::twin(1, 600, 4, 1),
            self::twin(2, 600, 5, 99),
            'it lands as cheap and comes faster',
        ];
        yield 'then most stock' => [
            self::twin(1, 600, 4, 50),
            self::twin(2, 600, 4, 49),
            'it is as cheap and fast, with more in stock',
        ];
        yield 'stock before price' => [self::twin(1, 900, 9, 1), self::twin(2, 600, 2, 0), 'it alone is in stock'];
        yield 'delivered before all' => [
            self::twin(1, 900, 9, 0),
            self::twin(2, null, null, 50),
            'it alone can be delivered',
        ];
        yield 'nothing between them' => [self::twin(1, 600, 4, 5), self::twin(2, 600, 4, 5), 'they are alike'];
    }

    #[DataProvider('pairs')]
    public function test_the_better_twin_is_kept_whichever_comes_first(Twin $better, Twin $worse, string $why): void
    {
        foreach ([[$better, $worse], [$worse, $better]] as $order) {
            $group = TwinGroup::without($order, 'From')[0];
            self::assertSame([$better->id, $why], [$group->twins[0]->id, $group->why]);
        }
    }

    public function test_groups_are_by_what_is_left_and_a_lone_variant_stays(): void
    {
        $groups = TwinGroup::without(
            [self::twin(1, 1, 1, 1, 'Steel'), self::twin(2, 2, 1, 1, 'Copper'), self::twin(3, 3, 1, 1, 'Steel')],
            'From',
        );
        self::assertSame(
            [[1, 3], [2]],
            array_map(
                static fn (TwinGroup $g): array => array_map(static fn (Twin $t): int => $t->id, $g->twins),
                $groups,
            ),
        );
        self::assertSame([['Metal' => 'Steel'], 'it is the only one'], [$groups[0]->options, $groups[1]->why]);
    }

    public function test_the_first_source_that_has_it_sells_it(): void
    {
        $pick = static fn (array $first, array ...$others): int => Supply::selling([
            new Supply(...$first),
            ...array_values(array_map(static fn (array $s): Supply => new Supply(...$s), $others)),
        ])->id;
        self::assertSame(1, $pick([1, 3, true], [2, 9, true]));
        self::assertSame(2, $pick([1, 0, true], [2, 9, true]));
        self::assertSame(3, $pick([1, 0, true], [2, 9, false], [3, 1, true]));
        self::assertSame(1, $pick([1, 0, true], [2, 0, true]), 'when none has it, the first');
        self::assertSame(2, $pick([1, 9, false], [2, 0, true]), 'one that isn’t used never sells');
        self::assertSame(1, $pick([1, 0, false], [2, 0, false]));
        self::assertSame(
            3,
            $pick([1, 0, true, 400], [2, 9, true, 700], [3, 9, true, 650]),
            'out: the one that costs least landed',
        );
        self::assertSame(
            3,
            $pick([1, 0, true], [2, 9, true, 650, 9], [3, 9, true, 650, 4]),
            'of two that cost the same the sooner',
        );
        self::assertSame(
            2,
            $pick([1, 0, true], [2, 9, true, 650], [3, 9, true]),
            'one that isn’t delivered comes last',
        );
        self::assertSame(1, $pick([1, 1, true, 900], [2, 9, true, 650]), 'the first is given it back, dearer or not');
    }

    private static function twin(int $id, ?int $landed, ?int $days, int $stock, string $metal = 'Steel'): Twin
    {
        return new Twin(
            $id,
            ['Metal' => $metal, 'From' => 'x'.$id],
            $landed === null ? null : Money::gbp($landed),
            $days === null ? null : new DayRange(1, $days),
            $stock,
        );
    }
}
