<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\Run;
use WindowStall\Source\RunState;
use WindowStall\Source\StartPull;
use WindowStall\Tests\App\AppTestCase;

final class RunTest extends AppTestCase
{
    public function test_a_pull_tells_how_far_it_is_and_can_be_stopped(): void
    {
        Queue::fake();
        $this->signIn();
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $id = $this->postJson(route('source.pull', [$stall, $connection]))->assertOk()->assertJson(['open' => true, 'doing' => 'Waiting for its turn', 'percent' => null])->json('id');
        self::assertIsInt($id);
        Queue::assertPushedOn('pulls', PullCatalogue::class);
        Run::query()->whereKey($id)->update(['state' => RunState::Running, 'done' => 25, 'total' => 64, 'doing' => 'Reading items']);
        $this->getJson(route('source.run', [$stall, $id]))->assertJson(['percent' => 39, 'done' => 25, 'doing' => 'Reading items']);
        $this->deleteJson(route('source.run.cancel', [$stall, $id]))->assertJson(['open' => false, 'state' => 'cancelled']);
        app()->call([new PullCatalogue($id), 'handle']);
        self::assertSame(0, $stall->items()->count(), 'a stopped pull isn’t begun');
    }

    public function test_a_pull_stopped_half_way_keeps_what_it_read_and_ends(): void
    {
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $run = $connection->runs()->create(['stall_id' => $stall->id, 'state' => RunState::Waiting, 'counts' => []]);
        // Stopped by the second page: the first one's request is what a person presses stop on.
        Http::globalResponseMiddleware(function ($response) use ($run) {
            Run::query()->whereKey($run->id)->where('state', RunState::Running)->where('done', '>', 0)->update(['state' => RunState::Cancelled]);

            return $response;
        });
        app()->call([new PullCatalogue($run->id), 'handle']);
        self::assertSame(RunState::Cancelled, $run->refresh()->state);
        self::assertSame(50, $stall->items()->count());
    }

    public function test_a_pull_whose_worker_died_doesnt_stand_in_the_way_for_ever(): void
    {
        Queue::fake();
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $dead = $connection->runs()->create(['stall_id' => $stall->id, 'state' => RunState::Running, 'counts' => []]);
        self::assertSame($dead->id, app(StartPull::class)($connection, null)->id);
        $this->travel(36)->minutes();
        self::assertNotSame($dead->id, app(StartPull::class)($connection, null)->id);
        self::assertSame(RunState::Failed, $dead->refresh()->state);
    }

    public function test_an_empty_catalogue_is_taken_for_a_fault_not_for_the_truth(): void
    {
        $stall = $this->world->stall();
        $this->world->listing($stall);
        Http::fake(['*/v1/items*' => Http::response(['items' => [], 'next' => null, 'total' => 0])]);
        $run = app(StartPull::class)($this->world->connection($stall), null)->refresh();
        self::assertSame(RunState::Failed, $run->state);
        self::assertStringContainsString('lists nothing at all', (string) $run->trouble);
        self::assertSame(1, $stall->items()->whereNull('gone_at')->count());
    }
}
