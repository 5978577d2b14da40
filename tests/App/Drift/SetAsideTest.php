<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Feeds\Samples;
use WindowStall\Tests\Core\Source\Items;

/** Pulls in which something is amiss are set aside whole; a person lets them through or throws them away. */
final class SetAsideTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->supplier = $this->world->feed($this->stall, Samples::table(20), Samples::mapping());
        self::assertSame(RunState::Done, $this->pull(Samples::table(20))->state);
    }

    public function test_a_file_that_came_short_changes_nothing_until_it_is_let_through(): void
    {
        $before = $this->standing();
        $run = $this->pull(Samples::table(12));
        self::assertSame(
            [RunState::SetAside, '8 of 20 goods are missing. Everything stays as it was; look under Drift.'],
            [$run->state, $run->trouble],
        );
        self::assertSame($before, $this->standing(), 'not one fact of it was used');
        $this->get(route('drift', $this->stall))->assertOk()->assertInertia(
            fn ($page) => $page
                ->where('frame.drifting', 1)
                ->where(
                    'desk.headline',
                    fn (string $said): bool => str_ends_with($said, ' One pull was set aside and asks you.'),
                )
                ->where('desk.aside.0.headline', 'Kilnfold: 8 of 20 goods are missing.')
                ->where('desk.aside.0.counts', [20, 12])
                ->has('desk.aside.0.missing', 8)
                ->where('desk.aside.0.effect', 'Nothing of it was used. No listing would have left the window.'),
        );
        $this->post(route('drift.aside.through', [$this->stall, $run]))->assertSessionHas(
            'say',
            'It is being used now.',
        );
        self::assertSame(
            [12, 8],
            [
                SupplierItem::of($this->stall)->whereNull('gone_at')->count(),
                SupplierItem::of($this->stall)->whereNotNull('gone_at')->count(),
            ],
        );
        self::assertSame([RunState::Cancelled, 0], [$run->refresh()->state, DB::table('set_aside_items')->count()]);
        $this->post(route('drift.aside.through', [$this->stall, $run]))->assertSessionHasErrors();
    }

    public function test_the_desk_says_the_count_that_stands_in_the_rail(): void
    {
        $listing = $this->world->inWindow($this->stall, Items::item([Items::variant('a')]));
        $this->world->pull($this->stall, Items::item([Items::variant('a', 900)]));
        $asks = $listing->refresh()->changes_count;
        self::assertGreaterThan(0, $asks);
        $this->pull(Samples::table(12));
        $this->get(route('drift', $this->stall))->assertOk()->assertInertia(
            fn ($page) => $page
                ->where('frame.drifting', $asks + 1)
                ->where(
                    'desk.headline',
                    fn (string $said): bool => str_ends_with($said, sprintf('asks you, too: %d in all.', $asks + 1)),
                ),
        );
    }

    public function test_it_is_thrown_away_or_overtaken_by_a_later_pull(): void
    {
        $run = $this->pull(Samples::table(12));
        $this->delete(route('drift.aside.destroy', [$this->stall, $run]))->assertSessionHas(
            'say',
            'Thrown away. Everything stays as it was.',
        );
        self::assertSame(
            [20, 0],
            [SupplierItem::of($this->stall)->whereNull('gone_at')->count(), DB::table('set_aside_items')->count()],
        );
        $second = $this->pull(Samples::table(11));
        $third = $this->pull(Samples::table(10));
        self::assertSame(
            [RunState::Cancelled, RunState::SetAside],
            [$second->refresh()->state, $third->state],
            'the newest counts',
        );
        self::assertSame(RunState::Done, $this->pull(Samples::table(20))->state);
        self::assertSame(
            [RunState::Cancelled, 0, null],
            [$third->refresh()->state, DB::table('set_aside_items')->count(), $this->supplier->refresh()->trouble],
        );
    }

    public function test_costs_a_hundred_times_larger_and_another_currency_are_seen(): void
    {
        $before = $this->standing();
        self::assertStringStartsWith(
            '20 of 20 costs are about a hundred times larger.',
            (string) $this->pull(Samples::table(20, factor: 100))->trouble,
        );
        self::assertStringContainsString(
            'are in another currency than before',
            (string) $this->pull(Samples::table(20), Samples::mapping(currency: 'EUR'))->trouble,
        );
        self::assertSame($before, $this->standing());
    }

    public function test_limits_are_the_suppliers_own_and_strangers_let_nothing_through(): void
    {
        $this->supplier->update(['guards' => ['short' => 9_000]]);
        self::assertSame(RunState::Done, $this->pull(Samples::table(12))->state);
        $this->supplier->update(['guards' => []]);
        $run = $this->pull(Samples::table(4));
        $other = $this->world->stall();
        $this->post(route('drift.aside.through', [$other, $run]))->assertNotFound();
        $this->delete(route('drift.aside.destroy', [$other, $run]))->assertNotFound();
        self::assertSame(RunState::SetAside, $run->refresh()->state);
    }

    private function pull(string $table, ?Mapping $mapping = null): Run
    {
        $path = tempnam(sys_get_temp_dir(), 'feed') ?: self::fail('no room');
        file_put_contents($path, $table);
        $settings =
            ['file' => FeedFile::keep($path, $this->stall->id)] +
            ($mapping === null ? [] : ['mapping' => $mapping->toArray()]);
        $this->supplier->refresh()->update(['settings' => $settings + $this->supplier->settings]);

        return app(StartPull::class)($this->supplier, null)->refresh();
    }

    /** @return list<string> everything that a supplier's word decides */
    private function standing(): array
    {
        return array_values(
            array_map(static fn (\stdClass $row): string => (string) json_encode($row), [
                ...DB::select(
                    'SELECT external_id, title, content_hash, words_id, stock, gone_at FROM supplier_items ORDER BY id',
                ),
                ...DB::select(
                    'SELECT external_id, cost_minor, stock, landed_minor, gone_at FROM supplier_variants ORDER BY id',
                ),
            ]),
        );
    }
}
