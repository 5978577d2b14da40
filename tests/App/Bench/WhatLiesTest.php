<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\WhatLies;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** The bench: first what lies on it, most nearly ready first; then the window, by what it keeps; put by folded away. */
final class WhatLiesTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_what_is_most_nearly_ready_stands_first_as_core_counts_what_is_lacking(): void
    {
        $this->bare($this->on('bare'));
        $this->world->say($this->on('untitled'), ListingPatch::none()->title(''));
        $this->on('ready');
        $soldOut = $this->on('sold-out', 0);
        $drafts = $this->on('drafts');
        $drafts->update(['drafts' => ['title', 'words']]);
        $off = $this->on('off');
        $this->world->say($off, ListingPatch::none()->switched($this->variants($off), false));
        $loses = $this->on('loses');
        $this->world->say(
            $loses,
            ListingPatch::none()->price($this->variants($loses), $this->stall->money(300)),
        );
        $this->bare($soldOut);
        $this->world->say($this->on('long'), ListingPatch::none()->title(str_repeat('long ', 30)));

        $rows = (new WhatLies($this->stall))->page(ListingState::OnBench, 1);
        $counted = $rows
            ->map(fn (Listing $l): int => count(ListingFigures::of($this->stall, $l)->readiness()->lacks))
            ->all();
        $sorted = $counted;
        sort($sorted);
        self::assertSame($sorted, $counted);
        self::assertSame([0, 1, 2], array_values(array_unique($counted)), 'what is looked at differs');
        self::assertSame('Item ready', $rows->first()?->shown_title);
        self::assertCount(8, $rows);
    }

    public function test_the_window_stands_by_what_it_keeps_and_follows_each_price(): void
    {
        $small = $this->shown('small', 300);
        $large = $this->shown('large', 1500);
        $order = fn (): array => (new WhatLies($this->stall))->page(ListingState::InWindow, 1)->modelKeys();
        self::assertSame([$large->id, $small->id], $order());
        $keeps = fn (Listing $l): ?int => $l->refresh()->shown_keep_minor;
        self::assertSame(
            ListingFigures::of($this->stall, $large)->variants[0]->till?->keep->minor,
            $keeps($large),
        );
        $this->world->say($small, ListingPatch::none()->price($this->variants($small), $this->stall->money(9900)));
        self::assertSame([$small->id, $large->id], $order());
        $this->world->say($small, ListingPatch::none()->switched($this->variants($small), false));
        self::assertNull($keeps($small), 'none of it is offered');
        self::assertSame([$large->id, $small->id], $order());
    }

    public function test_a_price_that_earns_isnt_called_a_loss_because_a_dearer_variant_loses(): void
    {
        $listing = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('p', 300), Items::variant('q', 3000, 5, 'CPR-02')], 'Pair', id: 'pair'),
        );
        [$cheap, $dear] = $this->variants($listing);
        $this->world->say($listing, ListingPatch::none()->price([$cheap], $this->stall->money(1000)));
        $this->world->say($listing, ListingPatch::none()->price([$dear], $this->stall->money(1500)));
        $this->get(route('bench', $this->stall))->assertInertia(
            fn ($page) => $page
                ->where('lying.rows.0.from.minor', 1000)
                ->where('lying.rows.0.loses', true)
                ->where('lying.rows.0.fromLoses', false),
        );
    }

    public function test_the_page_has_all_three_places_and_put_by_is_folded(): void
    {
        $shown = $this->shown('shown', 540);
        $lying = $this->on('lying');
        $by = $this->on('by');
        $this->postJson(route('bench.out', $this->stall), ['listings' => [$by->id], 'to' => 'put_by']);
        $this->get(route('bench', $this->stall))->assertInertia(
            fn ($page) => $page
                ->where('lying.rows.0.id', $lying->id)
                ->where('shown.rows.0.id', $shown->id)
                ->where('by.count', 1)
                ->where('by.rows', null),
        );
        $this->get(route('bench', [$this->stall, 'by' => '1']))->assertInertia(
            fn ($page) => $page->where('by.rows.0.id', $by->id),
        );
    }

    public function test_all_places_are_narrowed_by_words_tag_article_and_supplier(): void
    {
        $shown = $this->shown('shown', 540);
        $lying = $this->on('lying');
        $lying->update(['own_tags' => ['spring']]);
        $found = fn (array $with): array => json_decode(
            (string) json_encode($this->get(route('bench', [$this->stall] + $with))->viewData('page')['props']),
            true,
        );
        $ids = static fn (array $props): array => array_map(
            static fn (string $place): array => array_column($props[$place]['rows'] ?? [], 'id'),
            ['lying', 'shown'],
        );
        self::assertSame([[], [$shown->id]], $ids($found(['q' => 'SHOW'])));
        self::assertSame([[$lying->id], []], $ids($found(['q' => 'spring'])));
        self::assertSame([[$lying->id], []], $ids($found(['q' => 'sku-lying'])));
        self::assertSame([[], []], $ids($found(['q' => '%'])));
        $supplier = $this->world->connection($this->stall);
        self::assertSame([[$lying->id], [$shown->id]], $ids($found(['from' => (string) $supplier->id])));
        $others = $this->world->connection($this->world->stall());
        self::assertNull($found(['from' => (string) $others->id])['from'], 'another stall’s supplier is none');
    }

    public function test_pages_of_a_place_end_and_what_nobody_wrote_is_the_first_or_last(): void
    {
        $listing = $this->on('only');
        foreach (['-1', '0', 'x', '999999999999999999999', '7'] as $page) {
            $this->get(route('bench', [$this->stall, 'lying' => $page, 'shown' => $page, 'by' => $page]))
                ->assertOk()
                ->assertInertia(fn ($p) => $p->where('lying.rows.0.id', $listing->id)->where('lying.pages', 1));
        }
        self::assertSame([1, 1, 2, 3], array_map(WhatLies::pages(...), [0, 40, 41, 100]));
    }

    private function on(string $name, int $stock = 5, int $cost = 540): Listing
    {
        return $this->world->listing(
            $this->stall,
            Items::item([Items::variant($name, $cost, $stock, 'CPR-02')], 'Item '.$name, id: $name),
        );
    }

    private function shown(string $name, int $cost): Listing
    {
        $listing = $this->on($name, 5, $cost);
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->whereKey($listing->id)->get());

        return $listing->refresh();
    }

    private function bare(Listing $listing): void
    {
        Picture::query()->where('listing_id', $listing->id)->update(['state' => Picture::WAITING]);
    }

    /** @return list<int> */
    private function variants(Listing $listing): array
    {
        return array_values($listing->variants()->pluck('id')->all());
    }
}
