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
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Every change a supplier can make, told whole: of what, before, after, what was said, and how far it moved. */
final class ChangesTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, array<string, mixed>, list<Change>}> parts of a variant */
    public static function ofVariants(): array
    {
        $dollars = static fn (int $minor): Money => Money::of($minor, 'USD');
        $cost = static fn (string $before, string $after, int $said, ?int $moved): Change => new Change(
            ChangeKind::Cost,
            'a',
            'Copper · Large',
            $before,
            $after,
            $said,
            $moved,
        );
        $of = static fn (ChangeKind $kind, string $before, string $after, string $about = 'Copper · Large'): Change => new Change(
            $kind,
            'a',
            $about,
            $before,
            $after,
        );

        return [
            'nothing' => [[], [], []],
            'a cost that rose' => [['cost' => $dollars(540)], ['cost' => $dollars(594)], [$cost('5.40 USD', '5.94 USD', 540, 1_000)]],
            'a cost that fell' => [['cost' => $dollars(600)], ['cost' => $dollars(400)], [$cost('6.00 USD', '4.00 USD', 600, -3_333)]],
            'by a hair, rounded' => [['cost' => $dollars(3_000)], ['cost' => $dollars(3_001)], [$cost('30.00 USD', '30.01 USD', 3_000, 3)]],
            'by less than is counted' => [
                ['cost' => $dollars(30_000)], ['cost' => $dollars(30_001)], [$cost('300.00 USD', '300.01 USD', 30_000, 0)],
            ],
            'a cost out of nothing' => [['cost' => $dollars(0)], ['cost' => $dollars(5)], [$cost('0.00 USD', '0.05 USD', 0, 10_000)]],
            'a cost gone to nothing' => [['cost' => $dollars(5)], ['cost' => $dollars(0)], [$cost('0.05 USD', '0.00 USD', 5, -10_000)]],
            'in another currency there is no way to say how far' => [
                ['cost' => $dollars(540)], ['cost' => Money::of(540, 'EUR')], [$cost('5.40 USD', '5.40 EUR', 540, null)],
            ],
            'in yen' => [
                ['cost' => Money::of(500, 'JPY')], ['cost' => Money::of(550, 'JPY')], [$cost('500 JPY', '550 JPY', 500, 1_000)],
            ],
            'sold out' => [['stock' => ['GB' => 2, 'CN' => 1]], ['stock' => []], [$of(ChangeKind::SoldOut, '3 in stock', 'sold out')]],
            'the last one left' => [['stock' => ['GB' => 3]], ['stock' => ['GB' => 1]], []],
            'one warehouse empty, the other not' => [['stock' => ['GB' => 3]], ['stock' => ['GB' => 0, 'CN' => 1]], []],
            'back in stock' => [['stock' => []], ['stock' => ['GB' => 1]], [$of(ChangeKind::BackInStock, 'sold out', '1 in stock')]],
            'still sold out' => [['stock' => []], ['stock' => ['GB' => 0]], []],
            'called otherwise' => [
                [], ['options' => ['Clr' => 'Copper', 'Size' => 'XL']],
                [$of(ChangeKind::Options, 'Copper · Large', 'Copper · XL', 'Copper · XL')],
            ],
            'the option has another name, its values don’t' => [[], ['options' => ['Colour' => 'Copper', 'Size' => 'Large']], []],
            'heavier' => [[], ['grams' => 301], [$of(ChangeKind::Weight, '300 g', '301 g')]],
            'a recommended price at last' => [[], ['rrp' => $dollars(1_999)], [$of(ChangeKind::Rrp, 'none', '19.99 USD')]],
            'none any more' => [['rrp' => $dollars(1_999)], [], [$of(ChangeKind::Rrp, '19.99 USD', 'none')]],
            'another' => [['rrp' => $dollars(1)], ['rrp' => $dollars(2)], [$of(ChangeKind::Rrp, '0.01 USD', '0.02 USD')]],
            'barcode and picture alone are nothing to ask about' => [[], ['barcode' => '2000000000015', 'picture' => 1], []],
            'all at once, in this order' => [
                ['cost' => $dollars(100), 'stock' => ['GB' => 1]],
                ['cost' => $dollars(200), 'stock' => [], 'grams' => 5, 'rrp' => $dollars(1)],
                [
                    $cost('1.00 USD', '2.00 USD', 100, 10_000),
                    $of(ChangeKind::SoldOut, '1 in stock', 'sold out'),
                    $of(ChangeKind::Weight, '300 g', '5 g'),
                    $of(ChangeKind::Rrp, 'none', '0.01 USD'),
                ],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @param  list<Change>  $changes
     */
    #[DataProvider('ofVariants')]
    public function test_a_variant(array $before, array $after, array $changes): void
    {
        $drift = Drift::between(self::item(self::variant($before)), self::item(self::variant($after)));
        self::assertEquals($changes, $drift->changes);
        // What changed there changes back from here.
        $back = Drift::between(self::item(self::variant($after)), self::item(self::variant($before)));
        self::assertCount(count($changes), $back->changes);
    }

    #[TestWith(['<p>Ash handle.</p>', '<p>Ash&nbsp;handle, <b>waxed</b></p>', 'Ash handle.', 'Ash handle, waxed'])]
    #[TestWith(["<ul>\n<li>One</li>\n<li>Two</li></ul>", '', 'One Two', ''])]
    #[TestWith(['Fish &amp; chips &#39;n&#39; &eacute;', '&lt;b&gt;', 'Fish & chips \'n\' é', '<b>'])]
    #[TestWith(['<style>p{}</style>  a   b ', 'c', 'p{} a b', 'c'])]
    public function test_words_are_told_without_their_markup_and_kept_with_it(
        string $before,
        string $after,
        string $was,
        string $is,
    ): void {
        $changes = Drift::between(self::item(words: $before), self::item(words: $after))->changes;
        self::assertEquals([new Change(ChangeKind::Words, null, 'Words', $was, $is, $before)], $changes);
    }

    public function test_long_words_are_cut_where_a_line_ends(): void
    {
        $told = static fn (string $words): string => Drift::between(self::item(words: 'x'), self::item(words: $words))->changes[0]->after;
        self::assertSame(str_repeat('a', 160), $told(str_repeat('a', 160)));
        self::assertSame(str_repeat('a', 159).'…', $told(str_repeat('a', 161)));
    }

    public function test_title_pictures_and_days_to_post(): void
    {
        $before = self::item(title: 'Trowel', pictures: ['a.png'], days: [1, 2]);
        $after = self::item(title: 'Trowel NEW', pictures: ['a.png', 'b.png'], days: [2, 2]);
        self::assertEquals([
            new Change(ChangeKind::Title, null, 'Title', 'Trowel', 'Trowel NEW', 'Trowel'),
            new Change(ChangeKind::Pictures, null, 'Pictures', '1 picture', '2 pictures', ['a.png']),
            new Change(ChangeKind::LeadTime, null, 'Days to post', '1 to 2 days', '2 days'),
        ], Drift::between($before, $after)->changes);
        // The same pictures in another order are others: the first one stands for the goods.
        self::assertCount(1, Drift::between(
            self::item(pictures: ['a.png', 'b.png']),
            self::item(pictures: ['b.png', 'a.png']),
        )->changes);
    }

    public function test_variants_that_go_come_and_are_called_otherwise(): void
    {
        $a = self::variant(['id' => 'a', 'sku' => 'S-1', 'options' => ['Clr' => 'Steel']]);
        $b = self::variant(['id' => 'b', 'sku' => 'S-2', 'options' => ['Clr' => 'Copper']]);
        $x = self::variant(['id' => 'x', 'sku' => 's-1', 'options' => ['Clr' => 'Zinc'], 'cost' => Money::of(777, 'USD')]);
        $y = self::variant(['id' => 'y', 'sku' => 'S-9', 'options' => ['Clr' => 'Brass'], 'cost' => Money::of(888, 'USD')]);

        self::assertEquals([
            new Change(ChangeKind::VariantRenamed, 'a', 'Steel', 'S-1', 's-1, by the same SKU', 'x'),
            new Change(ChangeKind::VariantGone, 'b', 'Copper', 'offered', 'no longer offered', 540),
            new Change(ChangeKind::VariantNew, 'y', 'Brass', 'not offered', 'offered at 8.88 USD'),
        ], Drift::between(self::item($a, $b), self::item($y, $x))->changes);
    }

    public function test_of_several_items_all_changes_stand_item_by_item(): void
    {
        $cost = static fn (int $minor): Item => self::item(self::variant(['cost' => Money::of($minor, 'USD')]));
        $drift = Drift::of([9 => [$cost(1), $cost(2)], 3 => [$cost(5), $cost(5)], 7 => [$cost(3), $cost(4)]]);
        self::assertSame(['0.01 USD', '0.03 USD'], array_map(static fn (Change $c): string => $c->before, $drift->changes));
        self::assertSame([], Drift::of([])->changes);
    }

    /** @return iterable<string, array{ChangeKind, string, mixed, string|null}> */
    public static function nowSaid(): iterable
    {
        yield 'a title' => [ChangeKind::Title, '', 'Spade', 'Spade'];
        yield 'words' => [ChangeKind::Words, '', '<p>So <b>good</b></p>', 'So good'];
        yield 'pictures' => [ChangeKind::Pictures, '', ['a.png', 'b.png'], '2 pictures'];
        yield 'a cost' => [ChangeKind::Cost, 'a', 777, '7.77 USD'];
        yield 'a cost of what isn’t there' => [ChangeKind::Cost, 'b', null, null];
        yield 'what waits for nobody' => [ChangeKind::Weight, 'a', null, null];
    }

    #[DataProvider('nowSaid')]
    public function test_what_is_said_now_of_what_a_change_is_about(
        ChangeKind $kind,
        string $variant,
        mixed $said,
        ?string $told,
    ): void {
        $now = self::item(
            self::variant(['cost' => Money::of(777, 'USD')]),
            title: 'Spade',
            words: '<p>So <b>good</b></p>',
            pictures: ['a.png', 'b.png'],
        );
        self::assertSame([$said, $told], [Drift::said($now, $kind, $variant), Drift::told($now, $kind, $variant)]);
    }

    public function test_what_undoes_a_change_is_undone_by_it_and_a_price_waits_over_two(): void
    {
        $pairs = [];
        foreach (ChangeKind::cases() as $kind) {
            $opposite = $kind->opposite();
            if ($opposite !== null) {
                self::assertSame($kind, $opposite->opposite());
                $pairs[] = $kind->value;
            }
        }
        self::assertSame(['variant_gone', 'variant_new', 'item_gone', 'item_back'], $pairs);
        $prices = array_filter(ChangeKind::cases(), static fn (ChangeKind $kind): bool => $kind->prices());
        self::assertSame([ChangeKind::Cost, ChangeKind::Delivery], array_values($prices));
    }

    /** @param  array<string, mixed>  $with */
    private static function variant(array $with): Variant
    {
        return new Variant(...$with + [
            'id' => 'a',
            'sku' => 'SKU-a',
            'barcode' => null,
            'options' => ['Clr' => 'Copper', 'Size' => 'Large'],
            'cost' => Money::of(540, 'USD'),
            'rrp' => null,
            'grams' => 300,
            'stock' => ['GB' => 5],
            'picture' => null,
        ]);
    }

    /**
     * @param  list<string>  $pictures
     * @param  array{int, int}  $days
     */
    private static function made(string $title, string $words, array $pictures, array $days, Variant ...$variants): Item
    {
        return new Item('T', $title, $words, 'Tools', $pictures, 'USD', new DayRange(...$days), null, array_values($variants));
    }

    /**
     * @param  list<string>  $pictures
     * @param  array{int, int}  $days
     */
    private static function item(
        ?Variant $one = null,
        ?Variant $two = null,
        string $title = 'Trowel',
        string $words = '',
        array $pictures = [],
        array $days = [1, 2],
    ): Item {
        return self::made($title, $words, $pictures, $days, ...array_filter([$one, $two]));
    }
}
