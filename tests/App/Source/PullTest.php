<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Facades\Http;
use WindowStall\Bench\Listing;
use WindowStall\Runs\RunState;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierWords;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class PullTest extends AppTestCase
{
    public function test_the_whole_catalogue_comes_in_with_landed_costs_and_pulling_again_changes_nothing(): void
    {
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $run = app(StartPull::class)($connection, null)->refresh();
        self::assertSame([RunState::Done, null], [$run->state, $run->trouble]);
        self::assertGreaterThanOrEqual(60, SupplierItem::of($stall)->count());
        self::assertGreaterThanOrEqual(300, (int) SupplierItem::of($stall)->sum('variants_count'));
        self::assertSame(
            0,
            SupplierItem::of($stall)->whereDoesntHave('landings', fn ($q) => $q->whereNotNull('landed_minor'))->count(),
        );

        $words = SupplierWords::query()->count();
        $again = app(StartPull::class)($connection, null)->refresh();
        self::assertSame(0, $again->counts['new'] ?? -1);
        self::assertSame(SupplierItem::of($stall)->count(), ($again->counts['same'] ?? 0) + ($again->counts['changed'] ?? 0));
        self::assertSame(
            $words + ($again->counts['changed'] ?? 0),
            SupplierWords::query()->count(),
            'unchanged words are not stored twice',
        );
    }

    public function test_the_planted_traps_come_through_with_their_figures(): void
    {
        $stall = $this->world->stall();
        app(StartPull::class)($this->world->connection($stall), null);
        $tray = $this->item($stall, 'OD-1024');
        self::assertSame(190, $tray->cost_minor);
        self::assertSame(
            $stall->rateFrom('USD')->convert(\WindowStall\Core\Money\Money::of(1460, 'USD'))->minor,
            $this->landing($tray)->delivery_minor,
            '1.90 carries 14.60 of delivery',
        );
        self::assertSame('US', $this->landing($this->item($stall, 'OD-1011'))->warehouse);
        self::assertSame(15, $this->item($stall, 'OD-1001')->variants_count);
    }

    public function test_an_item_that_vanishes_is_gone_and_can_come_back(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        app(StartPull::class)($this->world->connection($stall), null);
        self::assertNotNull($listing->supplierItem?->refresh()->gone_at);
        self::assertSame(
            0,
            $listing->variants()->with('supplierVariant')->firstOrFail()->supplierVariant?->available(),
        );
        $this->world->pull($stall, Items::item([Items::variant('a')]));
        self::assertNull($listing->supplierItem->refresh()->gone_at);
    }

    public function test_two_presses_start_one_pull(): void
    {
        $connection = $this->world->connection($this->world->stall());
        $open = $connection
            ->runs()
            ->create(['stall_id' => $connection->stall_id, 'state' => RunState::Waiting, 'counts' => []]);
        self::assertSame($open->id, app(StartPull::class)($connection, null)->id);
    }

    public function test_an_answer_that_cant_be_read_fails_the_pull_and_keeps_what_there_was(): void
    {
        $stall = $this->world->stall();
        $this->world->listing($stall);
        foreach (
            ['<html>busy</html>' => 200, '{"items":[{"code":"X"}],"next":null}' => 200, '{}' => 500] as $body => $status
        ) {
            Http::fake(['*' => Http::response($body, $status)]);
            $run = app(StartPull::class)($this->world->connection($stall), null)->refresh();
            self::assertSame(RunState::Failed, $run->state);
            self::assertNotSame('', (string) $run->trouble);
            self::assertSame(
                1,
                SupplierItem::of($stall)->whereNull('gone_at')->count(),
                'nothing is half imported and nothing is lost',
            );
        }
    }

    public function test_items_are_found_by_stems_codes_and_half_typed_words(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->world->pull(
            $stall,
            Items::item([Items::variant('a')], 'Bamboo Canes for Peas', id: 'C-9'),
            Items::item([Items::variant('b')], 'Rain Gauge', id: 'G-1'),
        );
        foreach (['cane' => 'C-9', 'bamb' => 'C-9', 'SKU-b' => 'G-1', 'raining gauges' => 'G-1'] as $words => $code) {
            $this->get(route('source', [$stall, 'q' => $words]))
                ->assertOk()
                ->assertInertia(fn ($page) => $page->where('found', 1)->where('items.0.code', $code));
        }
        foreach (["'; drop table users; --", '&|!:*()', str_repeat('x', 900)] as $awkward) {
            $this->get(route('source', [$stall, 'q' => $awkward]))
                ->assertOk()
                ->assertInertia(fn ($page) => $page->where('found', 0));
        }
    }

    public function test_taking_twice_takes_once(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->world->pull($stall, Items::item([Items::variant('a')]));
        $id = SupplierItem::query()->where('stall_id', $stall->id)->value('id');
        $this->post(route('source.take', $stall), ['items' => [$id]])->assertRedirect();
        $this->post(route('source.take', $stall), ['items' => [$id]])->assertSessionHas(
            'say',
            'Nothing new was taken; 1 lay there already.',
        );
        $this->post(route('source.take', $stall), ['items' => ['x']])->assertSessionHasErrors();
        self::assertSame(1, Listing::of($stall)->count());
    }

    private function item(Stall $stall, string $code): SupplierItem
    {
        return SupplierItem::query()->where('stall_id', $stall->id)->where('external_id', $code)->firstOrFail();
    }

    private function landing(SupplierItem $item): \WindowStall\Source\Landing\ItemLanding
    {
        return $item->landings()->where('market', 'GB')->firstOrFail();
    }
}
