<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Likeness;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Goods that come back under other codes are recognised, and others aren't. */
final class LikenessTest extends TestCase
{
    /**
     * @param  array{string, string, string|null, string}  $was  id, SKU, barcode, colour
     * @param  array{string, string, string|null, string}  $is
     */
    #[TestWith([['a', 'S-1', null, 'Steel'], ['x', 's-1', null, 'Stahl'], 'the same SKU'])]
    #[TestWith([['a', 'S-1', '2000000000015', 'Steel'], ['x', 'N-9', '2000000000015', 'Stahl'], 'the same barcode'])]
    #[TestWith([['a', 'S-1', null, 'Steel'], ['x', 'N-9', null, 'steel'], 'the same options'])]
    #[TestWith([['a', 'S-1', null, 'Steel'], ['x', 'N-9', null, 'Copper'], null])]
    public function test_a_variant_under_another_id(array $was, array $is, ?string $why): void
    {
        $changes = Drift::between(
            self::item('T', 'Trowel', self::variant(...$was)),
            self::item('T', 'Trowel', self::variant(...$is)),
        )->changes;
        $expected = $why === null ? [ChangeKind::VariantGone, ChangeKind::VariantNew] : [ChangeKind::VariantRenamed];
        self::assertSame($expected, array_map(static fn (Change $c): ChangeKind => $c->kind, $changes));
        if ($why !== null) {
            self::assertSame(
                ['a', 'x', $is[1].', by '.$why],
                [$changes[0]->variantId, $changes[0]->said, $changes[0]->after],
            );
        }
    }

    public function test_a_sign_that_two_share_tells_nothing(): void
    {
        $was = [self::variant('a', 'S-1', null, 'Steel'), self::variant('b', 'S-2', null, 'Steel')];
        self::assertSame([], Likeness::variants($was, [self::variant('x', 'N-1', null, 'Steel'), $was[1]]));
        $one = Likeness::variants(
            [$was[0]],
            [self::variant('x', 'S-1', null, 'Y'), self::variant('y', 'N', null, 'Steel')],
        );
        self::assertSame('x', $one['a'][0]->id, 'the surest sign counts');
    }

    #[TestWith(['Hand trowel ash handle', 1_000, 'Hand trowel ash handle NEW', 1_100, 'much the same title and cost'])]
    #[TestWith(['Hand trowel ash handle', 1_000, 'Hand trowel ash handle NEW', 2_000, null])]
    #[TestWith(['Hand trowel ash handle', 1_000, 'Garden twine green', 1_000, null])]
    public function test_an_item_by_likeness(string $was, int $before, string $is, int $now, ?string $why): void
    {
        $gone = self::item('T', $was, self::variant('a', 'S-1', null, 'Steel', $before));
        $other = self::item('N', $is, self::variant('x', 'N-1', null, 'Steel', $now));
        self::assertSame($why, Likeness::item($gone, $other));
        self::assertSame(
            'the same SKUs',
            Likeness::item($gone, self::item('N', $is, self::variant('x', 's-1', null, 'Steel', $now))),
        );
        self::assertNull(Likeness::item($gone, self::item('N', $was)), 'nothing of it is there');
    }

    private static function item(string $id, string $title, Variant ...$variants): Item
    {
        return new Item(
            $id,
            $title,
            '',
            'Hand tools',
            [],
            'USD',
            new DayRange(1, 2),
            null,
            array_values($variants),
        );
    }

    private static function variant(
        string $id,
        string $sku,
        ?string $barcode,
        string $colour,
        int $cost = 540,
    ): Variant {
        return new Variant(
            $id,
            $sku,
            $barcode,
            ['Colour' => $colour],
            Money::of($cost, 'USD'),
            null,
            300,
            ['GB' => 5],
            null,
        );
    }
}
