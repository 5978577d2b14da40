<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\DeleteListings;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\TakeToBench;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Source\Item;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Pricing\PriceListings;
use WindowStall\Shelves\GoodsFacts;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** No list and no job asks the database once for each of its rows: with three times as many it asks as often. */
final class QueriesTest extends AppTestCase
{
    private const FEW = 2;

    /** What is asked or kept once in a while, whatever there is. */
    private const SLACK = 1;

    private int $counted = 0;

    private Stall $stall;

    private string $token;

    protected function setUp(): void
    {
        parent::setUp();
        Event::listen(function (QueryExecuted $query): void {
            $this->counted++;
        });
        $this->stall = $this->world->stall($this->signIn());
        $this->token = $this->stall->createToken('queries', ['read'])->plainTextToken;
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function lists(): iterable
    {
        $screens = [
            'bench', 'bench.grid', 'bench.export', 'counter', 'drift', 'drift.rules', 'find', 'pricing',
            'pricing.recipes', 'pricing.costs', 'pricing.free-delivery', 'source', 'source.compare', 'window',
            'window.pictures', 'window.pages', 'window.languages', 'settings', 'shelves', 'shelves.filing', 'shelves.homeless',
            'shelves.searches', 'counter.letters', 'counter.payment', 'counter.left', 'taxes',
            'api.listings', 'api.items', 'api.prices', 'api.runs', 'api.drift',
        ];
        foreach ($screens as $name) {
            yield $name => [$name, $name === 'find' ? ['q' => 'trowel'] : []];
        }
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('lists')]
    public function test_a_list_asks_as_often_for_many_as_for_few(string $name, array $with): void
    {
        $address = str_starts_with($name, 'api.') ? route($name, $with) : route($name, [$this->stall] + $with);
        $this->fill(1, self::FEW);
        $this->asked($address, $name);
        $few = $this->asked($address, $name);
        $this->fill(self::FEW + 1, 3 * self::FEW);
        // What is made once for each state of the shop is made.
        $this->asked($address, $name);
        $many = $this->asked($address, $name);

        self::assertGreaterThan(0, $few);
        self::assertLessThanOrEqual($few + self::SLACK, $many, $name);
    }

    public function test_jobs_ask_as_often_for_many_as_for_few(): void
    {
        $this->fill(1, 3 * self::FEW);
        $all = Listing::of($this->stall)->orderBy('id')->get();
        $few = $all->take(self::FEW);
        $ids = static fn ($listings): array => array_values(array_map(intval(...), $listings->modelKeys()));
        $jobs = [
            'what listings show' => fn ($some) => app(ProjectListings::class)($this->stall, $ids($some)),
            'prices' => fn ($some) => app(PriceListings::class)($this->stall, $ids($some)),
            'into the window' => fn ($some) => app(PutInWindow::class)($this->stall, $some),
            'deleted and taken back' => function ($some) use ($ids): void {
                $step = app(DeleteListings::class)($this->stall, $this->world->keeper(), $ids($some));
                app(Undo::class)->take($this->stall, $step);
            },
            'deleted and taken again' => function ($some) use ($ids): void {
                $items = array_values(array_map(intval(...), $some->pluck('supplier_item_id')->all()));
                $lie = Listing::of($this->stall)->whereIn('supplier_item_id', $items)->get();
                app(DeleteListings::class)($this->stall, $this->world->keeper(), $ids($lie));
                self::assertCount(count($items), app(TakeToBench::class)($this->stall, $items)->new);
            },
        ];
        foreach ($jobs as $name => $job) {
            $job($few);
            // Those that were shown have pages, which go stale.
            $shown = function (): void {
                Listing::of($this->stall)->update(['state' => 'in_window', 'shown_since' => now()]);
                app(GoodsFacts::class)($this->stall, null);
            };
            $shown();
            $once = $this->during(static fn () => $job($few));
            $shown();
            $thrice = $this->during(static fn () => $job($all));
            self::assertLessThanOrEqual($once + self::SLACK, $thrice, $name);
        }
    }

    public function test_a_night_of_changes_is_judged_and_decided_in_as_many_queries_for_many_as_for_few(): void
    {
        $this->fill(1, 3 * self::FEW);
        $night = fn (int $most, int $cost): int => $this->during(fn () => $this->world->pull(
            $this->stall,
            ...array_map(static fn (int $n): Item => self::item($n, $n <= $most ? $cost : 540), range(1, 3 * self::FEW)),
        ));
        $night(self::FEW, 550);
        $few = $night(self::FEW, 560);
        $many = $night(3 * self::FEW, 570);
        self::assertLessThanOrEqual($few + self::SLACK, $many, 'judged');

        $night(3 * self::FEW, 2_000);
        $asks = DriftChange::query()->where('stall_id', $this->stall->id)->where('standing', 'asks')->pluck('id')->all();
        self::assertCount(3 * self::FEW, $asks);
        $agree = fn (array $some): int => $this->during(
            fn () => app(Decide::class)($this->stall, $this->world->keeper(), array_values($some), agree: false),
        );
        $few = $agree(array_slice($asks, 0, 1));
        $many = $agree(array_slice($asks, 1, 5));
        self::assertLessThanOrEqual($few + self::SLACK, $many, 'decided');
    }

    private function asked(string $address, string $name): int
    {
        return $this->during(function () use ($address, $name): void {
            if (str_starts_with($name, 'api.')) {
                $this->withToken($this->token)->getJson($address)->assertOk();
            } else {
                $this->actingAs($this->stall->users()->firstOrFail());
                $answer = $this->get($address)->assertOk();
                $name === 'bench.export' && $answer->streamedContent();
            }
        });
    }

    /** @param  callable(): mixed  $do */
    private function during(callable $do): int
    {
        $before = $this->counted;
        $do();

        return $this->counted - $before;
    }

    private function fill(int $from, int $to): void
    {
        foreach (range($from, $to) as $n) {
            $listing = $this->world->inWindow($this->stall, self::item($n, 540));
            $this->world->order($this->stall, $listing->variants()->firstOrFail(), 1, now(), 900);
        }
        DB::table('orders')->where('stall_id', $this->stall->id)->update(['created_at' => now()]);
        // What the next one finds is what was agreed.
        $this->world->agree($this->stall);
    }

    private static function item(int $n, int $cost): Item
    {
        return Items::item([Items::variant('v'.$n, $cost)], 'Garden Trowel '.$n, id: 'T-'.$n);
    }
}
