<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Sleep;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\ListingState;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\Jobs\PullDue;
use WindowStall\Source\Pulling\Schedule;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Tests\App\AppTestCase;

final class SuppliersTest extends AppTestCase
{
    public function test_every_folder_of_connectors_is_a_kind_that_can_be_connected(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        self::assertSame(
            ['oakum', 'tannet', 'feed'],
            array_map(static fn ($c): string => $c->kind, app(Connectors::class)->cards()),
        );
        $this->get(route('source.connect', $stall))
            ->assertOk()
            ->assertInertia(fn ($page) => $page->has('kinds', 3)->where('kind', null));
        $this->get(route('source.connect', [$stall, 'kind' => 'feed']))->assertInertia(
            fn ($page) => $page->where('kind', 'feed'),
        );
        $this->post(route('source.connections.store', $stall), ['kind' => 'nonsense'])->assertSessionHasErrors('kind');
    }

    public function test_the_print_house_is_read_with_areas_methods_and_costs(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $connection = app(ConnectSupplier::class)(
            $stall,
            'tannet',
            (string) config('stall.tannet.address'),
            'tannet-second-key',
        );
        $run = app(StartPull::class)($connection, null)->refresh();
        self::assertSame([RunState::Done, null, 9], [$run->state, $run->trouble, SupplierItem::of($stall)->count()]);
        $tee = SupplierItem::of($stall)->with('words')->where('external_id', 'TP-TEE')->firstOrFail();
        self::assertSame([72, 'EUR', 610], [$tee->variants_count, $tee->currency, $tee->cost_minor]);
        $sheet = $this->getJson(route('source.item', [$stall, $tee->id]))->assertOk();
        self::assertSame(
            ['Front, 300 × 400 mm', 'Back, 300 × 400 mm', 'Left sleeve, 80 × 100 mm', 'Inside label, 70 × 40 mm'],
            $sheet->json('blank.areas'),
        );
        self::assertStringStartsWith('Direct print: €4.20, each further area €3.10', $sheet->json('blank.methods.0'));
        $this->from('/')
            ->post(route('source.connections.store', $stall), [
                'kind' => 'tannet',
                'address' => config('stall.tannet.address'),
                'key' => 'wrong',
            ])
            ->assertSessionHasErrors([
                'said' => 'Tannet Print Works doesn’t know this key. Copy it again from your account there.',
            ]);
    }

    public function test_pulls_come_due_by_their_schedule_and_fail_further_and_further_apart(): void
    {
        $noon = Carbon::parse('2026-11-25 12:00');
        self::assertSame('2026-11-26 03:07', Schedule::Nightly->next($noon, 0, 7)?->format('Y-m-d H:i'));
        self::assertSame(
            '2026-11-25 03:07',
            Schedule::Nightly->next(Carbon::parse('2026-11-25 01:00'), 0, 7)?->format('Y-m-d H:i'),
        );
        self::assertSame('2026-11-25 13:00', Schedule::Hourly->next($noon, 0, 7)?->format('Y-m-d H:i'));
        self::assertNull(Schedule::ByHand->next($noon, 3, 0));
        self::assertSame(
            [15, 30, 60, 1440, 1440],
            array_map(static fn (int $n): int => (int) $noon->diffInMinutes(Schedule::Nightly->next($noon, $n, 0)), [
                1,
                2,
                3,
                8,
                20,
            ]),
        );

        Queue::fake([PullCatalogue::class]);
        $stall = $this->world->stall();
        $due = $this->world->connection($stall);
        $due->update(['next_pull_at' => now()->subMinute()]);
        $paused = $this->world->feed($stall, "a,b\n1,2\n", \WindowStall\Tests\Core\Feeds\Samples::mapping());
        $paused->update(['next_pull_at' => now()->subMinute(), 'paused_at' => now()]);
        app()->call([new PullDue(), 'handle']);
        app()->call([new PullDue(), 'handle']);
        self::assertSame([1, 0], [$due->runs()->count(), $paused->runs()->count()]);
    }

    public function test_a_schedule_is_chosen_and_a_supplier_paused(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $update = fn (array $own) => $this->patch(route('source.supplier.update', [$stall, $connection]), $own);
        $update(['schedule' => 'hourly'])->assertSessionHasNoErrors();
        self::assertTrue($connection->refresh()->next_pull_at?->isFuture());
        $update(['paused' => true]);
        self::assertSame([null, true], [$connection->refresh()->next_pull_at, $connection->paused_at !== null]);
        $update(['paused' => false]);
        self::assertNotNull($connection->refresh()->next_pull_at);
        $update(['schedule' => 'yearly'])->assertSessionHasErrors('schedule');
    }

    public function test_disconnecting_says_what_becomes_of_listings_and_reconnecting_brings_them_back(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $connection = $this->world->connection($stall);
        $this->get(route('source.supplier', [$stall, $connection]))->assertInertia(
            fn ($page) => $page->where(
                'supplier.ending',
                '1 of its listings leaves the window. Its one listing is put by with all your words, and come back '.
                    'if you connect it again.',
            ),
        );
        $this->delete(route('source.supplier.destroy', [$stall, $connection]))->assertSessionHas(
            'say',
            'Oakum Depot is disconnected; 1 listing was put by.',
        );
        self::assertSame(ListingState::PutBy, $listing->refresh()->state);
        self::assertSame('', $connection->refresh()->secrets['key']);
        $this->get(route('source', $stall))->assertInertia(
            fn ($page) => $page->has('connections', 0)->where('found', 0),
        );
        $this->from('/')->postJson(route('source.pull', [$stall, $connection]))->assertStatus(422);

        app(ConnectSupplier::class)($stall, 'oakum', (string) config('stall.oakum.address'), 'oakum-second-key');
        self::assertSame(1, SupplierConnection::of($stall)->count());
        self::assertNull($connection->refresh()->disconnected_at);
        $this->world->pull(
            $stall,
            \WindowStall\Tests\Core\Source\Items::item([\WindowStall\Tests\Core\Source\Items::variant('a')]),
        );
        self::assertSame(
            12,
            $listing->variants()->with('supplierVariant')->firstOrFail()->supplierVariant?->available(),
        );
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function answers(): iterable
    {
        yield 'a web page' => [
            static fn () => Http::response('<html>busy</html>', 200, ['Content-Type' => 'text/html']),
            'What answers at this address isn’t Oakum Depot: its answer can’t be read.',
        ];
        yield 'asked too often' => [
            static fn () => Http::response('', 429),
            'Oakum Depot is asked too often just now and wants a pause. Try again in a few minutes.',
        ];
        yield 'its own trouble' => [
            static fn () => Http::response('', 500),
            'Oakum Depot has trouble of its own (it answered 500). Try again later.',
        ];
        yield 'nothing' => [
            static fn () => Http::response('', 200),
            'What answers at this address isn’t Oakum Depot: its answer can’t be read.',
        ];
        yield 'an empty catalogue' => [
            static fn () => Http::response(['items' => [], 'next' => null]),
            'Nothing at all came, which is hardly true. Everything stays as it was; look under Drift.',
        ];
        yield 'forever' => [
            static fn () => throw new ConnectionException('cURL error 28: Operation timed out'),
            'Oakum Depot didn’t answer within 6 seconds. Try again later.',
        ];
        yield 'the same page again and again' => [
            static fn () => Http::response(['items' => [], 'next' => 'x']),
            'Nothing at all came, which is hardly true. Everything stays as it was; look under Drift.',
        ];
    }

    /** @param  callable(): mixed  $answer */
    #[DataProvider('answers')]
    public function test_whatever_a_supplier_answers_the_report_is_clear_and_nothing_is_lost(
        callable $answer,
        string $said,
    ): void {
        Sleep::fake();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        Http::fake(['*' => $answer]);
        $run = app(StartPull::class)($this->world->connection($stall), null)->refresh();
        self::assertSame($said, $run->trouble);
        self::assertContains($run->state, [RunState::Failed, RunState::SetAside]);
        self::assertNull($listing->supplierItem?->refresh()->gone_at);
        self::assertSame(1, $this->world->connection($stall)->refresh()->failures);
    }

    public function test_a_supplier_that_wants_a_pause_gets_it_and_the_pull_goes_on(): void
    {
        Sleep::fake();
        $stall = $this->world->stall();
        Http::fakeSequence()
            // Where its news goes is asked first.
            ->push(['address' => null])
            ->push(['ok' => true])
            ->push('', 429, ['Retry-After' => '7'])
            ->push('', 503)
            ->push(['items' => [], 'next' => null, 'total' => 0]);
        $run = app(StartPull::class)($this->world->connection($stall), null)->refresh();
        self::assertSame(RunState::Done, $run->state, (string) $run->trouble);
        Sleep::assertSleptTimes(2);
    }

    public function test_a_person_at_the_screen_isnt_kept_waiting_by_a_busy_supplier(): void
    {
        Sleep::fake();
        Http::fake(['*' => Http::response('', 429, ['Retry-After' => '30'])]);
        try {
            app(ConnectSupplier::class)($this->world->stall(), 'oakum', (string) config('stall.oakum.address'), 'x');
            self::fail('It should have been refused.');
        } catch (\WindowStall\Source\Connectors\SupplierTrouble $trouble) {
            self::assertTrue($trouble->passing);
        }
        Sleep::assertNeverSlept();
    }
}
