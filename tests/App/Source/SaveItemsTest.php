<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierWords;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class SaveItemsTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
    }

    public function test_an_item_of_very_many_variants_that_never_run_out_is_counted(): void
    {
        $variant = static fn (int $n): Variant => Items::variant('v'.$n, 500, 9_999_999, 'S-'.$n);
        $this->world->pull($this->stall, Items::item(array_map($variant, range(1, 300))));
        $row = SupplierItem::of($this->stall)->firstOrFail();
        self::assertSame(2_999_999_700, $row->stock);
        self::assertSame([2_999_999_700], $row->landings()->pluck('stock')->all());
    }

    public function test_what_a_supplier_said_before_is_kept_beside_what_it_says_now(): void
    {
        $this->world->pull($this->stall, Items::item([Items::variant('a')], 'One'));
        $this->world->pull($this->stall, Items::item([Items::variant('a')], 'Two'));
        $this->world->pull($this->stall, Items::item([Items::variant('a')], 'Two'));
        $item = $this->row();
        self::assertSame(
            ['One', 'Two'],
            SupplierWords::query()
                ->where('supplier_item_id', $item->id)
                ->orderBy('id')
                ->get()
                ->map(fn (SupplierWords $w): string => $w->item()->title)
                ->all(),
        );
        self::assertSame('Two', $item->words?->item()->title);
    }

    public function test_a_variant_keeps_its_row_when_it_moves_and_is_marked_when_it_goes(): void
    {
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('b')]));
        $ids = $this->row()->variants()->pluck('id', 'external_id');
        $this->world->pull($this->stall, Items::item([Items::variant('b', 700), Items::variant('c')]));
        $b = $this->row()->variants()->where('external_id', 'b')->firstOrFail();
        self::assertSame([$ids['b'], 0, 700], [$b->id, $b->position, $b->cost_minor]);
        $a = $this->row()->variants()->where('external_id', 'a')->firstOrFail();
        self::assertSame([true, 0], [$a->gone_at !== null, $a->stock]);
        $this->world->pull($this->stall, Items::item([Items::variant('a')]));
        self::assertNull($this->row()->variants()->where('external_id', 'a')->firstOrFail()->gone_at);
    }

    public function test_the_same_id_twice_in_one_item_is_one_variant(): void
    {
        $this->world->pull($this->stall, Items::item([Items::variant('a', 500), Items::variant('a', 900)]));
        self::assertSame([500], $this->row()->variants()->pluck('cost_minor')->all());
    }

    public function test_awkward_text_is_stored_and_found(): void
    {
        $title = "Trowel “extra” — 5\" \\ 'quoted' <b>bold</b> 园艺 🌱";
        $this->world->pull(
            $this->stall,
            Items::item(
                [
                    new Variant(
                        'ü/1',
                        "SKU'1",
                        '2000000000015',
                        ['Größe "L"' => 'a|b'],
                        Money::of(1, 'USD'),
                        null,
                        300,
                        ['GB' => 1],
                        null,
                    ),
                ],
                $title,
            ),
        );
        self::assertSame($title, $this->row()->words?->item()->title);
        self::assertSame(['Größe "L"' => 'a|b'], $this->row()->words->item()->variants[0]->options);
        $this->signIn();
        foreach (['2000000000015', 'trowel extra', '园艺'] as $words) {
            $this->get(route('source', [$this->stall, 'q' => $words]))->assertInertia(
                fn ($page) => $page->where('found', 1),
            );
        }
    }

    public function test_two_stalls_keep_their_suppliers_apart(): void
    {
        $other = $this->world->stall();
        $this->world->pull($this->stall, Items::item([Items::variant('a')], 'Mine'));
        $this->world->pull($other, Items::item([Items::variant('a')], 'Theirs'));
        self::assertSame('Mine', $this->row()->title);
        self::assertSame(1, SupplierItem::of($other)->count());
    }

    public function test_a_listing_pages_by_key_without_gap_or_repetition(): void
    {
        $this->signIn();
        $this->world->pull(
            $this->stall,
            ...array_map(
                static fn (int $n) => Items::item(
                    [Items::variant('v'.$n, 100 + ($n % 7))],
                    'Item '.$n,
                    id: 'I-'.$n,
                ),
                range(1, 95),
            ),
        );
        foreach (['landed', 'days', 'title', 'nonsense'] as $sort) {
            $seen = [];
            $cursor = null;
            do {
                $page = $this->get(
                    route('source', array_filter(['stall' => $this->stall, 'sort' => $sort, 'cursor' => $cursor])),
                )
                    ->assertOk()
                    ->viewData('page')['props'];
                array_push($seen, ...array_column($page['items'], 'code'));
                $cursor = $page['next'];
            } while ($cursor !== null);
            self::assertCount(95, $seen, $sort);
            self::assertCount(95, array_unique($seen), $sort);
        }
    }

    private function row(): SupplierItem
    {
        return SupplierItem::query()->with('words')->where('stall_id', $this->stall->id)->firstOrFail();
    }
}
