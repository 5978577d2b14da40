<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Pulling\Gathered;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Goods under other codes are recognised and a person agrees; what stays gone is put by after some pulls. */
final class RecognisedTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
    }

    public function test_a_variant_under_another_code_keeps_price_and_orders_once_a_person_agrees(): void
    {
        $row = $this->listing->variants()->where('external_id', 'a')->firstOrFail();
        $row->update(['own_price_minor' => 1_777]);
        $this->world->order($this->stall, $row, 2, now());
        $this->world->pull(
            $this->stall,
            Items::item([self::renamed('a', 'a-N'), Items::variant('b', 620, 3, 'CPR-02')]),
        );
        $change = DriftChange::query()->where('kind', 'variant_as')->sole();
        self::assertSame(
            [Standing::Asks, 'SKU-a', 'SKU-a, by the same SKU', 'a-N'],
            [$change->standing, $change->before, $change->after, $change->said],
        );
        self::assertSame(
            0,
            DriftChange::query()
                ->whereIn('kind', ['variant_gone', 'variant_new'])
                ->count(),
        );
        self::assertSame(0, $row->refresh()->supplierVariant?->available(), 'nobody can buy it meanwhile');
        $this->get(route('drift', $this->stall))->assertInertia(
            fn ($page) => $page->where(
                'desk.groups.0.headline',
                'Oakum Depot seems to have something of yours under another code',
            ),
        );
        $this->world->agree($this->stall);
        self::assertSame(
            ['a-N', 12, 1_777],
            [$row->refresh()->external_id, $row->supplierVariant?->available(), $row->own_price_minor],
        );
        self::assertSame(
            1,
            DB::table('order_lines')->where('listing_variant_id', $row->id)->count(),
            'its orders stay with it',
        );
        $this->world->pull(
            $this->stall,
            Items::item([self::renamed('a', 'a-N'), Items::variant('b', 620, 3, 'CPR-02')]),
        );
        self::assertSame(1, DriftChange::query()->where('kind', 'variant_as')->count(), 'and nobody is asked again');
    }

    public function test_a_code_that_comes_back_settles_the_question_by_itself(): void
    {
        $b = Items::variant('b', 620, 3, 'CPR-02');
        $this->world->pull($this->stall, Items::item([self::renamed('a', 'a-N'), $b]));
        $this->world->pull($this->stall, Items::item([self::renamed('a', 'a-M'), $b]));
        self::assertSame(
            ['a-M', Standing::Asks],
            [DriftChange::query()->sole()->said, DriftChange::query()->sole()->standing],
        );
        $this->world->pull($this->stall, Items::item([Items::variant('a'), $b]));
        self::assertSame(Standing::Settled, DriftChange::query()->sole()->standing);
        self::assertSame(
            12,
            $this->listing->variants()->where('external_id', 'a')->firstOrFail()->supplierVariant?->available(),
        );
    }

    public function test_an_item_under_another_code_takes_its_listing_over(): void
    {
        $slug = $this->listing->slug;
        $new = Items::item(
            [self::renamed('a', 'n-a'), self::renamed('b', 'n-b', 620, 'CPR-02')],
            'Trowel, new edition',
            id: 'T-900',
        );
        $this->bring($new);
        $change = DriftChange::query()->where('kind', 'item_as')->sole();
        self::assertSame(
            [Standing::Asks, 'T-900 “Trowel, new edition”, by the same SKUs'],
            [$change->standing, $change->after],
        );
        self::assertSame(0, DriftChange::query()->where('kind', 'item_gone')->count());
        $this->world->agree($this->stall);
        $this->listing->refresh();
        self::assertSame(
            ['T-900', $slug, ListingState::InWindow],
            [$this->listing->supplierItem?->external_id, $this->listing->slug, $this->listing->state],
        );
        self::assertSame(['n-a', 'n-b'], $this->listing->variants()->orderBy('position')->pluck('external_id')->all());
        self::assertSame('Garden Trowel NEW', $this->listing->shown_title, 'the title that was agreed stands');
        $this->bring($new);
        $title = DriftChange::query()->where('kind', 'title')->sole();
        self::assertSame([Standing::Asks, 'Trowel, new edition'], [$title->standing, $title->after]);
        self::assertSame(1, DriftChange::query()->where('standing', 'asks')->count(), 'and nothing else is asked');

        // Taken back, it is the item of before again, and asks.
        app(Undo::class)->take($this->stall, BenchChange::query()->latest('id')->firstOrFail());
        $this->listing->refresh();
        self::assertSame(
            ['T-1', ['a', 'b'], true],
            [
                $this->listing->supplierItem?->external_id,
                $this->listing->variants()->orderBy('position')->pluck('external_id')->all(),
                $this->listing->supplier_gone,
            ],
        );
        self::assertSame(['item_as'], $this->asking());
        $this->bring($new);
        self::assertSame(['item_as'], $this->asking());
        $this->world->agree($this->stall);
        $this->bring($new);
        self::assertSame(['title'], $this->asking());
        $this->world->agree($this->stall);
        self::assertSame('Trowel, new edition', $this->listing->refresh()->shown_title);
    }

    /** @return list<string> kinds of what is asked */
    private function asking(): array
    {
        $asks = DriftChange::query()->where('standing', 'asks')->orderBy('id')->get();

        return array_values($asks->map(static fn (DriftChange $change): string => $change->kind->value)->all());
    }

    public function test_an_item_that_comes_back_later_under_another_code_is_recognised_then(): void
    {
        $this->bring();
        self::assertSame(Standing::Asks, DriftChange::query()->where('kind', 'item_gone')->sole()->standing);
        $new = Items::item(
            [self::renamed('a', 'n-a'), self::renamed('b', 'n-b', 620, 'CPR-02')],
            'Trowel, new edition',
            id: 'T-900',
        );
        foreach ([1, 2] as $pull) {
            $this->bring($new);
            self::assertSame(Standing::Settled, DriftChange::query()->where('kind', 'item_gone')->sole()->standing);
            self::assertSame(
                [Standing::Asks, 'T-900'],
                [
                    DriftChange::query()->where('kind', 'item_as')->sole()->standing,
                    DriftChange::query()->where('kind', 'item_as')->sole()->said,
                ],
            );
            self::assertSame(1, $this->listing->refresh()->changes_count, 'asked once, pull '.$pull);
        }
    }

    public function test_what_stays_gone_is_put_by_after_some_pulls_with_the_reason(): void
    {
        $this->world->connection($this->stall)->update(['policies' => ['pulls' => 3]]);
        foreach ([1, 2] as $pull) {
            $this->bring();
            self::assertSame(
                [ListingState::InWindow, 1],
                [$this->listing->refresh()->state, $this->listing->changes_count],
                'pull '.$pull,
            );
        }
        $this->bring();
        self::assertSame([ListingState::PutBy, 0], [$this->listing->refresh()->state, $this->listing->changes_count]);
        self::assertSame(
            'gone in 3 pulls one after the other',
            DriftChange::query()->where('kind', 'item_gone')->sole()->rule,
        );
    }

    /** A whole pull in which the supplier has nothing but these. */
    private function bring(Item ...$items): void
    {
        $connection = $this->world->connection($this->stall);
        $run = Run::query()->create([
            'stall_id' => $this->stall->id,
            'connection_id' => $connection->id,
            'state' => RunState::Running,
            'counts' => [],
        ]);
        $gathered = app(Gathered::class);
        $gathered->begin();
        $gathered->add(app(SaveItems::class)->compare($connection, array_values($items)));
        $gathered->use($connection, static fn () => null);
        event(new SupplierSaidMore($connection, $run));
        $run->update(['state' => RunState::Done]);
    }

    private static function renamed(string $was, string $id, int $cost = 540, string $colour = 'STL-01'): Variant
    {
        $variant = Items::variant($was, $cost, 12, $colour);

        return new Variant(
            $id,
            $variant->sku,
            $variant->barcode,
            $variant->options,
            $variant->cost,
            $variant->rrp,
            $variant->grams,
            $variant->stock,
            $variant->picture,
        );
    }
}
