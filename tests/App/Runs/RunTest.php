<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Runs;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Runs\Jobs\WatchRuns;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\Jobs\PullDue;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Tests\App\AppTestCase;

final class RunTest extends AppTestCase
{
    public function test_a_pull_tells_how_far_it_is_and_can_be_stopped(): void
    {
        Queue::fake();
        $this->signIn();
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $id = $this->postJson(route('source.pull', [$stall, $connection]))
            ->assertOk()
            ->assertJson(['open' => true, 'doing' => 'Waiting for its turn', 'percent' => null])
            ->json('id');
        self::assertIsInt($id);
        Queue::assertPushedOn('pulls', PullCatalogue::class);
        Run::query()
            ->whereKey($id)
            ->update(['state' => RunState::Running, 'done' => 25, 'total' => 64, 'doing' => 'Reading items']);
        $this->getJson(route('source.run', [$stall, $id]))->assertJson([
            'percent' => 39,
            'done' => 25,
            'doing' => 'Reading items',
        ]);
        $this->deleteJson(route('source.run.cancel', [$stall, $id]))->assertJson([
            'open' => false,
            'state' => 'cancelled',
        ]);
        app()->call([new PullCatalogue($id), 'handle']);
        self::assertSame(0, SupplierItem::of($stall)->count(), 'a stopped pull isn’t begun');
    }

    public function test_a_pull_stopped_half_way_keeps_what_it_read_and_ends(): void
    {
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $run = $connection->runs()->create(['stall_id' => $stall->id, 'state' => RunState::Waiting, 'counts' => []]);
        // Stopped by the second page: the first one's request is what a person presses stop on.
        Http::globalResponseMiddleware(function ($response) use ($run) {
            Run::query()
                ->whereKey($run->id)
                ->where('state', RunState::Running)
                ->where('done', '>', 0)
                ->update(['state' => RunState::Cancelled]);

            return $response;
        });
        app()->call([new PullCatalogue($run->id), 'handle']);
        self::assertSame(RunState::Cancelled, $run->refresh()->state);
        self::assertSame(50, SupplierItem::of($stall)->count());
    }

    public function test_a_run_whose_worker_died_is_taken_up_and_given_up_after_that(): void
    {
        Queue::fake();
        $connection = $this->world->connection($this->world->stall());
        $run = $this->underWay($connection);
        $this->watch();
        self::assertSame(RunState::Running, $run->refresh()->state, 'it gave a sign of life a moment ago');
        foreach ([1, 2] as $time) {
            $this->travel(WatchRuns::SILENCE + 1)->seconds();
            $this->watch();
            self::assertSame([RunState::Waiting, $time], [$run->refresh()->state, $run->taken_up]);
            Queue::assertPushed(PullCatalogue::class, $time);
            $run->update(['state' => RunState::Running]);
        }
        $this->travel(WatchRuns::SILENCE + 1)->seconds();
        $this->watch();
        self::assertSame([RunState::Failed, 1], [$run->refresh()->state, $connection->refresh()->failures]);
        self::assertStringStartsWith('This broke off', (string) $run->trouble);
        self::assertTrue($connection->next_pull_at?->isFuture(), 'the next one is set');
    }

    public function test_a_run_that_is_silent_because_a_long_statement_holds_it_up_is_left_alone(): void
    {
        Queue::fake();
        $run = $this->underWay($this->world->connection($this->world->stall()));
        $this->travel(1)->hours();
        // Whoever does it, in a session of its own.
        $worker = DB::connectUsing('worker', ['application_name' => 'worker'] + config('database.connections.owner'));
        $worker->select('SELECT pg_advisory_lock(5404, ?)', [$run->id]);
        $this->watch();
        self::assertSame(RunState::Running, $run->refresh()->state);
        unset($worker);
        DB::purge('worker');
        // PostgreSQL ends a session shortly after its client has gone.
        for ($n = 0; $n < 100 && self::held($run->id); $n++) {
            usleep(50_000);
        }
        $this->watch();
        self::assertSame(RunState::Waiting, $run->refresh()->state, 'its session ended with it');
    }

    private static function held(int $run): bool
    {
        return DB::table('pg_locks')->where('locktype', 'advisory')->where('classid', 5404)->where('objid', $run)->exists();
    }

    public function test_a_run_that_lost_its_job_is_set_again_and_done_once(): void
    {
        Queue::fake();
        $stall = $this->world->stall();
        $run = app(StartPull::class)($this->world->connection($stall), null);
        $this->travel(11)->minutes();
        $this->watch();
        Queue::assertPushed(PullCatalogue::class, 2);
        app()->call([new PullCatalogue($run->id), 'handle']);
        self::assertSame([RunState::Done, 64], [$run->refresh()->state, SupplierItem::of($stall)->count()]);
        $ended = $run->ended_at;
        $this->travel(1)->minutes();
        app()->call([new PullCatalogue($run->id), 'handle']);
        self::assertEquals($ended, $run->refresh()->ended_at);
    }

    public function test_a_connection_whose_next_pull_was_never_set_is_due(): void
    {
        Queue::fake();
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $connection->update(['pulled_at' => now()->subDay(), 'next_pull_at' => null]);
        app()->call([new PullDue(), 'handle']);
        self::assertSame(1, $connection->runs()->count());
        app()->call([new PullDue(), 'handle']);
        self::assertSame(1, $connection->runs()->count(), 'one is open');
        $connection->runs()->update(['state' => RunState::Done]);
        $connection->update(['schedule' => 'by_hand', 'next_pull_at' => null]);
        app()->call([new PullDue(), 'handle']);
        self::assertSame(1, $connection->runs()->count(), 'only when asked');
    }

    public function test_no_cell_of_what_was_left_out_runs_in_a_spreadsheet(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $run = $this->underWay($this->world->connection($stall));
        DB::table('run_rejects')->insert([
            'run_id' => $run->id,
            'row' => 3,
            'column' => '@cost',
            'value' => '=HYPERLINK("http://evil.example")',
            'reason' => '+1 isn’t a price',
        ]);
        $csv = $this->get(route('source.run.rejects', [$stall, $run]))->assertOk()->streamedContent();
        self::assertStringContainsString("3,'@cost,\"'=HYPERLINK", $csv);
        self::assertStringContainsString("'+1 isn", $csv);
    }

    private function underWay(SupplierConnection $connection): Run
    {
        return $connection
            ->runs()
            ->create([
                'stall_id' => $connection->stall_id,
                'state' => RunState::Running,
                'counts' => [],
                'job' => PullCatalogue::class,
                'beat_at' => now(),
            ]);
    }

    private function watch(): void
    {
        (new WatchRuns())->handle();
    }

    public function test_an_empty_catalogue_is_taken_for_a_fault_not_for_the_truth(): void
    {
        $stall = $this->world->stall();
        $this->world->listing($stall);
        Http::fake(['*/v1/items*' => Http::response(['items' => [], 'next' => null, 'total' => 0])]);
        $run = app(StartPull::class)($this->world->connection($stall), null)->refresh();
        self::assertSame(RunState::SetAside, $run->state);
        self::assertStringContainsString('Nothing at all came', (string) $run->trouble);
        self::assertSame(1, SupplierItem::of($stall)->whereNull('gone_at')->count());
    }
}
