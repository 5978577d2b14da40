<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;
use WindowStall\Bench\Undo\StepDone;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Frame\Jobs\ThinOut;
use WindowStall\Shelves\FillShelves;
use WindowStall\Shelves\Jobs\TurnShelves;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;

/** What goes through all stalls has an end each time, begins with what is longest due, and keeps nobody waiting for long. */
final class SweepsTest extends AppTestCase
{
    private const STALLS = 10_000;

    /** Copies of a row under other numbers, each in a stall of its own or all in one; %1$s: table, %2$s: what differs. */
    private const COPY = <<<'SQL'
        INSERT INTO %1$s
        SELECT (jsonb_populate_record(row, %2$s)).*
        FROM %1$s AS row
        CROSS JOIN generate_series(1, %3$d) AS n
        WHERE row.id = %4$d
        SQL;

    public function test_at_ten_thousand_stalls_each_minute_has_an_end_and_all_get_their_turn(): void
    {
        $stall = $this->world->stall();
        $first = $this->made($stall);
        DB::insert(
            'INSERT INTO shelf_waiting (stall_id, since) SELECT id, now() - make_interval(secs => 1000000 - (id - ?))
            FROM stalls WHERE id >= ?',
            [$first, $first],
        );
        $due = fn (): array => array_column(
            DB::select('SELECT number FROM shelves_to_fill(?, ?, 100)', [now()->subMinute(), now()->subHour()]),
            'number',
        );
        self::assertSame(range($first, $first + 99), array_map(intval(...), $due()));

        (new TurnShelves)->handle(app(FillShelves::class));

        self::assertSame(self::STALLS - 100, DB::table('shelf_waiting')->where('stall_id', '>=', $first)->count());
        self::assertSame($first + 100, (int) $due()[0], 'the next minute goes on with the next');
    }

    /** @param  array<string, string>  $row */
    #[TestWith(['runs', 'forgotten_runs(now()::timestamp, 50)', ['state' => 'waiting', 'kind' => 'price', 'counts' => '[]']])]
    #[TestWith(['runs', 'silent_runs(now()::timestamp, 50)', ['state' => 'running', 'kind' => 'price', 'counts' => '[]']])]
    public function test_a_stall_with_very_much_to_be_done_keeps_no_other_waiting(
        string $table,
        string $function,
        array $row,
    ): void {
        [$many, $one] = [$this->world->stall(), $this->world->stall()];
        $old = ['created_at' => now()->subDays(3), 'updated_at' => now()->subDays(3)];
        $id = DB::table($table)->insertGetId($row + $old + ['stall_id' => $many->id]);
        $next = "jsonb_build_object('id', nextval('{$table}_id_seq'))";
        DB::insert(sprintf(self::COPY, $table, $next, 200, $id));
        $late = DB::table($table)->insertGetId(
            ['created_at' => now()->subDay(), 'updated_at' => now()->subDay()] + $row + ['stall_id' => $one->id],
        );

        $taken = array_map(intval(...), array_column(DB::select('SELECT number FROM '.$function), 'number'));

        self::assertCount(50, $taken);
        self::assertSame([$id, $late], array_slice($taken, 0, 2), 'longest due first, and of each stall one');
    }

    public function test_one_that_goes_wrong_keeps_none_of_the_others_waiting(): void
    {
        $stalls = [$this->world->stall(), $this->world->stall(), $this->world->stall()];
        foreach ($stalls as $n => $stall) {
            DB::table('shelf_waiting')->insert(['stall_id' => $stall->id, 'since' => now()->subHours(9 - $n)]);
        }
        $done = [];
        OneStall::each('shelves_to_fill', [now()->subMinute(), now()->subHour(), 10], static function (int $id) use (&$done): void {
            $done[] = $id;
            count($done) === 1 && throw new RuntimeException('Something went wrong.');
        });
        self::assertSame(array_map(static fn (Stall $stall): int => $stall->id, $stalls), $done);
    }

    public function test_what_grows_for_ever_is_thinned_and_what_still_counts_stays(): void
    {
        $stall = $this->world->stall($this->signIn());
        $listing = $this->world->inWindow($stall);
        $variant = (int) $listing->variants()->firstOrFail()->id;
        DB::table('price_history')->where('listing_variant_id', $variant)->delete();
        foreach ([900 => 1, 500 => 2, 399 => 3, 10 => 4] as $days => $price) {
            DB::table('price_history')->insert([
                'stall_id' => $stall->id,
                'listing_variant_id' => $variant,
                'market' => 'GB',
                'price_minor' => $price,
                'asked_at' => now()->subDays($days),
            ]);
        }
        DB::table('supplier_words')->update(['said_at' => now()->subDays(500)]);
        $words = DB::table('supplier_words')->where('stall_id', $stall->id)->count();
        $item = (int) DB::table('supplier_words')->where('stall_id', $stall->id)->value('supplier_item_id');
        DB::table('supplier_words')->insert([
            'stall_id' => $stall->id,
            'supplier_item_id' => $item,
            'content_hash' => str_repeat('0', 32),
            'said' => '{}',
            'said_at' => now()->subDays(450),
        ]);
        $this->row('baskets', ['id' => '00000000-0000-4000-8000-000000000001', 'stall_id' => $stall->id], 61);
        $this->row('baskets', ['id' => '00000000-0000-4000-8000-000000000002', 'stall_id' => $stall->id], 59);
        $run = ['stall_id' => $stall->id, 'kind' => 'price', 'state' => 'done', 'counts' => '[]'];
        foreach ([300, 200] as $days) {
            $this->row('runs', $run + ['ended_at' => now()->subDays($days)], $days);
        }

        (new ThinOut)->handle();

        $of = static fn (string $table) => DB::table($table)->where('stall_id', $stall->id);
        self::assertSame([2, 3, 4], $of('price_history')->where('listing_variant_id', $variant)->orderBy('id')
            ->pluck('price_minor')->map(intval(...))->all(), 'what was asked when the time began is known');
        self::assertSame($words, $of('supplier_words')->count(), 'what it says now stays, what it said before goes');
        self::assertSame(['00000000-0000-4000-8000-000000000002'], $of('baskets')->pluck('id')->all());
        self::assertSame(1, $of('runs')->where('kind', 'price')->count(), 'the last of its kind stays');
    }

    public function test_a_step_that_is_too_old_says_so(): void
    {
        $stall = $this->world->stall($this->signIn());
        $listing = $this->world->inWindow($stall);
        [$step] = app(Undo::class)->whileLocked($stall, null, [$listing->id], static function () use ($listing) {
            $listing->update(['own_title' => 'Another name']);

            return new StepDone('named');
        });
        DB::table('bench_changes')->where('id', $step->id)->update(['created_at' => Carbon::now()->subDays(91)]);

        (new ThinOut)->handle();

        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('Steps can be taken back for 90 days; this one is older.');
        app(Undo::class)->take($stall, $step->refresh());
    }

    /** @return int the number of the first of very many stalls, each with a number by one higher */
    private function made(Stall $stall): int
    {
        $first = (int) DB::scalar("SELECT nextval('stalls_id_seq')");
        DB::insert(sprintf(
            self::COPY,
            'stalls',
            "jsonb_build_object('id', $first + n - 1, 'handle', 'made' || n)",
            self::STALLS,
            $stall->id,
        ));

        return $first;
    }

    /** @param  array<string, mixed>  $row */
    private function row(string $table, array $row, int $days): void
    {
        DB::table($table)->insert($row + ['created_at' => now()->subDays($days), 'updated_at' => now()->subDays($days)]);
    }
}
