<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\DataProvider;
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

    /**
     * Gone and other: title, least cost, category; and whether they are much the same.
     *
     * @return array<string, array{array{string, list<int>, string}, array{string, list<int>, string}, bool}>
     */
    public static function likes(): array
    {
        $tools = 'Hand tools';
        $trowel = ['hand trowel ash', [1_000], $tools];

        return [
            'the same words in another order and case' => [$trowel, ['ASH: hand, trowel!', [1_000], $tools], true],
            'just half of all words shared' => [
                ['hand trowel ash oak', [1_000], $tools],
                ['hand trowel ash elm two six', [1_000], $tools],
                false,
            ],
            'half of six' => [['hand trowel ash one', [1_000], $tools], ['hand trowel ash two six', [1_000], $tools], true],
            'a word less than half' => [['hand trowel', [1_000], $tools], ['hand twine green', [1_000], $tools], false],
            'short words tell nothing' => [['a b cd of', [1_000], $tools], ['a b cd of', [1_000], $tools], false],
            'three letters tell' => [['ash', [1_000], $tools], ['ash', [1_000], $tools], true],
            'letters of all alphabets' => [['Öse für Wäsche', [1_000], $tools], ['ÖSE FÜR WÄSCHE', [1_000], $tools], true],
            'no words at all' => [['', [1_000], $tools], ['', [1_000], $tools], false],
            'dearer by three tenths of the dearer' => [$trowel, ['hand trowel ash', [1_428], $tools], true],
            'dearer by more' => [$trowel, ['hand trowel ash', [1_430], $tools], false],
            'cheaper by three tenths of the dearer' => [$trowel, ['hand trowel ash', [700], $tools], true],
            'cheaper by more' => [$trowel, ['hand trowel ash', [699], $tools], false],
            'the least of several costs counts' => [$trowel, ['hand trowel ash', [9_000, 1_000], $tools], true],
            'not the greatest' => [
                ['hand trowel ash', [9_000, 100], $tools],
                ['hand trowel ash', [9_000, 9_500], $tools],
                false,
            ],
            'costs nothing, as before' => [['hand trowel ash', [0], $tools], ['hand trowel ash', [0], $tools], true],
            'another category' => [$trowel, ['hand trowel ash', [1_000], 'Clothing'], false],
            'a category that isn’t said now' => [$trowel, ['hand trowel ash', [1_000], ''], true],
            'a category that wasn’t said before' => [['hand trowel ash', [1_000], ''], $trowel, true],
            'nothing is left of it' => [$trowel, ['hand trowel ash', [], $tools], false],
            'nothing was there' => [['hand trowel ash', [], $tools], $trowel, false],
        ];
    }

    /**
     * @param  array{string, list<int>, string}  $gone
     * @param  array{string, list<int>, string}  $other
     */
    #[DataProvider('likes')]
    public function test_items_much_the_same(array $gone, array $other, bool $alike): void
    {
        $why = $alike ? 'much the same title and cost' : null;

        self::assertSame($why, Likeness::item(self::priced('T', $gone), self::priced('N', $other)));
    }

    /** @return array<string, array{list<string>, list<string>, bool}> SKUs of the gone one and the other, whether they tell */
    public static function shares(): array
    {
        return [
            'all' => [['a', 'b'], ['b', 'a'], true],
            'half' => [['a', 'b'], ['a', 'z'], true],
            'half, in another case' => [['A', 'b'], ['a', 'z'], true],
            'half of three isn’t one' => [['a', 'b', 'c'], ['a', 'y', 'z'], false],
            'half of three is two' => [['a', 'b', 'c'], ['a', 'b', 'z'], true],
            'half of four' => [['a', 'b', 'c', 'd'], ['a', 'b', 'y', 'z'], true],
            'those without a SKU count as others' => [['a', '', ''], ['a', '', ''], false],
            'none has one' => [['', ''], ['', ''], false],
            'none in common' => [['a'], ['b'], false],
            'many among few' => [['a', 'b'], ['a'], true],
        ];
    }

    /**
     * @param  list<string>  $gone
     * @param  list<string>  $other
     */
    #[DataProvider('shares')]
    public function test_items_with_half_of_their_codes(array $gone, array $other, bool $tells): void
    {
        $item = static fn (string $id, array $codes, bool $bars): Item => self::item($id, $id === 'A' ? 'Garden rake' : 'Hosepipe', ...array_map(
            static fn (int $n, string $code): Variant => self::variant(
                $id.$n,
                $bars ? $id.'-'.$n : $code,
                $bars && $code !== '' ? mb_strtolower($code) : null,
                'c',
                ord($id) * 1_000,
            ),
            array_keys($codes),
            $codes,
        ));
        foreach (['the same SKUs' => false, 'the same barcodes' => true] as $why => $bars) {
            $is = Likeness::item($item('A', $gone, $bars), $item('Z', $other, $bars));
            self::assertSame($tells ? $why : null, $is);
        }
    }

    public function test_another_currency_or_something_printed_is_never_the_same(): void
    {
        $gone = self::item('T', 'Hand trowel ash', self::variant('a', 'S-1', null, 'Steel'));
        $other = self::item('N', 'Hand trowel ash', self::variant('x', 'S-1', null, 'Steel'));
        self::assertSame('the same SKUs', Likeness::item($gone, $other));
        self::assertNull(Likeness::item($gone, self::otherwise($other, currency: 'EUR')));
    }

    public function test_what_stands_there_still_is_no_other(): void
    {
        $a = self::variant('a', 'S-1', null, 'Steel');
        $b = self::variant('b', 'S-2', null, 'Copper');
        self::assertSame([], Likeness::variants([$a, $b], [$b, $a]), 'nothing is gone');
        self::assertSame([], Likeness::variants([$a, $b], [self::variant('b', 'S-1', null, 'Copper')]), 'b is taken already');

        $two = Likeness::variants(
            [$a, $b],
            [self::variant('x', 'S-1', null, 'Copper'), self::variant('y', 'N', null, 'Steel')],
        );
        self::assertSame(['a'], array_keys($two), 'one new variant stands for one that is gone');
        self::assertSame(['x', 'the same SKU'], [$two['a'][0]->id, $two['a'][1]]);
    }

    /** @param  array{string, list<int>, string}  $of  title, costs, category */
    private static function priced(string $id, array $of): Item
    {
        [$title, $costs, $category] = $of;
        $variants = array_map(
            static fn (int $n): Variant => self::variant($id.$n, '', null, 'c'.$n, $costs[$n]),
            array_keys($costs),
        );

        return self::otherwise(self::item($id, $title, ...$variants), category: $category);
    }

    private static function otherwise(Item $item, ?string $category = null, string $currency = 'USD'): Item
    {
        return new Item(
            $item->id,
            $item->title,
            '',
            $category ?? $item->category,
            [],
            $currency,
            $item->processing,
            null,
            $item->variants,
        );
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
