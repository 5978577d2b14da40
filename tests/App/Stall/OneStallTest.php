<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** The wall between stalls in the database: whatever a query forgets, it sees one stall. */
final class OneStallTest extends AppTestCase
{
    /** Tables that aren't behind the wall, each with its reason. */
    private const OUTSIDE = [
        'stalls' => 'its own number is the stall',
        'users' => 'people work in several stalls',
        'memberships' => 'says which stalls a person may enter, before one is entered',
        'personal_access_tokens' => 'found by the hash of a secret, before its stall is known',
        'sessions' => 'belong to people',
        'sign_ins' => 'belong to people',
        'password_reset_tokens' => 'belong to people',
        'migrations' => 'the shape of the tables',
        'cache' => 'the framework’s',
        'cache_locks' => 'the framework’s',
        'jobs' => 'the framework’s; each job says its stall',
        'queue_turns' => 'the queue’s; numbers only',
        'failed_jobs' => 'the framework’s',
    ];

    /** Functions that see all stalls; they give numbers only, to the program's own sweeps. */
    private const SEE_ALL = [
        'times_to_end',
        'shops_to_open',
        'shops_to_rehearse',
        'openings_to_tell',
        'stall_called',
        'stalls_of',
        'stall_of_connection',
        'connections_of_account',
        'payment_connection_of',
        'taxes_due',
        'reminders_due',
        'reviews_due',
        'back_wishes_due',
        'analyse_finding',
        'orders_to_settle',
        'reservations_over',
        'supplier_orders_to_send',
        'supplier_orders_to_ask',
        'refunds_to_give',
        'parcels_to_follow',
        'supplier_accounts_due',
        'supplier_requests_due',
        'order_mails_due',
        'order_answers_due',
        'silent_runs',
        'open_runs',
        'forgotten_runs',
        'connections_due',
        'listings_without_pictures',
        'windows_to_turn',
        'shelves_to_fill',
        'shops_to_turn',
        'thin_price_history',
        'thin_supplier_words',
        'thin_drift_changes',
        'thin_bench_change_parts',
        'thin_runs',
        'thin_baskets',
        'thin_supplier_events',
        'thin_hook_deliveries',
        'digests_due',
        'moving_due',
    ];

    private Stall $one;

    private Stall $two;

    protected function setUp(): void
    {
        parent::setUp();
        $this->one = $this->world->stall();
        $this->two = $this->world->stall();
    }

    public function test_every_table_with_a_stall_is_behind_the_wall(): void
    {
        $tables = DB::select(
            <<<'SQL'
                SELECT c.relname AS name, c.relrowsecurity AS held,
                    EXISTS (SELECT 1 FROM pg_attribute a WHERE a.attrelid = c.oid AND a.attname = 'stall_id' AND NOT a.attisdropped) AS has_stall,
                    EXISTS (SELECT 1 FROM pg_policy p WHERE p.polrelid = c.oid) AS has_policy
                FROM pg_class c WHERE c.relnamespace = 'public'::regnamespace AND c.relkind IN ('r', 'p')
                SQL
            ,
        );
        self::assertGreaterThan(30, count($tables));
        foreach ($tables as $table) {
            if (! array_key_exists($table->name, self::OUTSIDE)) {
                self::assertTrue($table->has_stall, $table->name.' doesn’t say whose its rows are');
            }
            self::assertSame(
                $table->name === 'stalls' || ! array_key_exists($table->name, self::OUTSIDE),
                $table->held && $table->has_policy,
                $table->name,
            );
        }
    }

    public function test_the_program_signs_in_as_a_role_that_is_bound(): void
    {
        $role = DB::selectOne('SELECT rolsuper OR rolbypassrls AS free FROM pg_roles WHERE rolname = ?', [
            config('database.connections.pgsql.bound_role'),
        ]);
        self::assertFalse($role->free);
        $owner = DB::selectOne(
            'SELECT rolsuper OR rolbypassrls OR rolcreaterole OR rolcreatedb AS free FROM pg_roles WHERE rolname = session_user',
        );
        self::assertFalse($owner->free, 'whoever owns the tables owns no more than those');
        $env = (string) file_get_contents(base_path('var/test/env'));
        self::assertStringContainsString(
            "\nDB_USERNAME=".config('database.connections.pgsql.bound_role')."\n",
            $env,
            'the running program',
        );
        self::assertStringNotContainsString((string) config('database.connections.owner.password'), $env);
        self::assertStringNotContainsString(
            (string) config('database.connections.owner.password'),
            (string) file_get_contents(base_path('var/test/cache/config.php')),
            'nor what it has put by of its settings',
        );
    }

    public function test_outside_of_any_stall_nothing_is_seen_and_nothing_taken(): void
    {
        $listing = $this->world->inWindow($this->one);
        $tables = [
            'stalls',
            'listings',
            'listing_variants',
            'supplier_items',
            'supplier_variants',
            'supplier_words',
            'prices',
            'pictures',
            'supplier_connections',
            'runs',
            'markets',
        ];
        $this->bound();
        foreach ($tables as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        self::assertSame(
            0,
            Listing::query()
                ->whereKey($listing->id)
                ->update(['own_title' => 'Stolen']),
        );
        try {
            DB::transaction(
                fn () => DB::table('saved_searches')->insert([
                    'stall_id' => $this->one->id,
                    'name' => 'x',
                    'query' => '{}',
                ]),
            );
            self::fail('It was taken.');
        } catch (QueryException $e) {
            self::assertStringContainsString('row-level security', $e->getMessage());
        }
        OneStall::leave();
    }

    public function test_within_a_stall_only_its_rows_are_there_however_forgetful_the_query(): void
    {
        $mine = $this->world->inWindow($this->one);
        $theirs = $this->world->inWindow($this->two);
        OneStall::within($this->one->id, function () use ($mine, $theirs): void {
            self::assertSame([$mine->id], Listing::query()->pluck('id')->all());
            self::assertSame([$this->one->id], Stall::query()->pluck('id')->all(), 'nor another’s terms');
            self::assertNull(Listing::query()->find($theirs->id));
            self::assertSame($mine->variants()->count(), DB::table('listing_variants')->count());
            self::assertSame(0, DB::table('listing_variants')->where('listing_id', $theirs->id)->delete());
            self::assertSame(
                0,
                Stall::query()
                    ->whereKey($this->two->id)
                    ->update(['name' => 'Taken over']),
            );
        });
        self::assertSame(
            2,
            Listing::query()
                ->whereKey([$mine->id, $theirs->id])
                ->count(),
            'whoever looks at all sees both again',
        );
    }

    #[TestWith(['listing_variants', 'listing_id'])]
    #[TestWith(['pictures', 'listing_id'])]
    public function test_a_row_can_not_be_laid_under_another_stalls(string $table, string $key): void
    {
        $theirs = $this->world->inWindow($this->two);
        $row = (array) DB::table($table)->where($key, $theirs->id)->first();
        unset($row['id'], $row['stall_id']);
        $this->expectException(QueryException::class);
        OneStall::within($this->one->id, fn () => DB::table($table)->insert($row));
    }

    public function test_a_connection_kept_from_another_request_forgets_its_stall(): void
    {
        DB::select("SELECT set_config('stall.id', ?, false)", [(string) $this->one->id]);
        OneStall::tell(DB::connection());
        self::assertSame('', DB::scalar("SELECT current_setting('stall.id')"));
        $this->signIn();
        $this->get(route('bench', $this->one))->assertOk();
        self::assertNull(OneStall::current());
        self::assertSame('', DB::scalar("SELECT current_setting('stall.id')"));
        OneStall::enter($this->two->id);
        // One made anew in the middle, as after a restart of the database, is told where we are.
        config(['database.connections.pgsql.application_name' => 'another']);
        $again = DB::connectUsing('pgsql', config('database.connections.pgsql'), force: true);
        self::assertSame((string) $this->two->id, $again->scalar("SELECT current_setting('stall.id')"));
        OneStall::leave();
    }

    public function test_a_job_is_done_in_the_stall_it_was_asked_for_in(): void
    {
        OneStall::within($this->one->id, fn () => Queue::connection('sync')->push(new SeesStall()));
        self::assertSame($this->one->id, SeesStall::$seen);
        Queue::connection('sync')->push(new SeesStall());
        self::assertNull(SeesStall::$seen);
        self::assertNull(OneStall::current());
    }

    public function test_a_job_that_waits_says_its_stall_however_it_was_set(): void
    {
        config(['queue.default' => 'database']);
        OneStall::within($this->one->id, fn () => dispatch(new SeesStall()));
        OneStall::within($this->two->id, static function (): void {
            dispatch(new SeesStall());
        });
        $stalls = DB::table('jobs')
            // The program that runs beside has its sweeps waiting.
            ->where('payload', 'like', '%SeesStall%')
            ->orderBy('id')
            ->pluck('payload')
            ->map(static fn (string $p): mixed => json_decode($p, true)['stall']);
        self::assertSame([$this->one->id, $this->two->id], $stalls->all());
    }

    public function test_each_function_beyond_the_policies_looks_at_the_entered_stall(): void
    {
        $functions = DB::select(
            <<<'SQL'
                SELECT proname AS name, prosrc AS source, proconfig::text AS settings FROM pg_proc
                WHERE pronamespace = 'public'::regnamespace AND prosecdef
                SQL
            ,
        );
        self::assertGreaterThanOrEqual(5, count($functions));
        foreach ($functions as $function) {
            self::assertStringContainsString(
                'search_path=public, pg_temp',
                (string) $function->settings,
                $function->name,
            );
            if (! in_array($function->name, self::SEE_ALL, true)) {
                self::assertSame(
                    substr_count($function->source, 'FROM '),
                    substr_count($function->source, 'WHERE stall_id = (SELECT current_stall())'),
                    $function->name.' reads more than the entered stall',
                );
            }
        }
    }

    public function test_a_batch_that_names_another_stalls_listing_is_refused_whole(): void
    {
        $mine = $this->world->listing($this->one);
        $theirs = $this->world->listing($this->two);
        $this->signIn();
        $batch = ['listings' => [$mine->id, $theirs->id]];
        foreach (
            [
                ['bench.tags', ['add' => ['x'], 'remove' => []]],
                ['bench.delete', []],
                ['bench.join', ['option' => 'Kind', 'values' => [$mine->id => 'a', $theirs->id => 'b']]],
                ['bench.out', []],
                ['bench.window', []],
            ] as [$route, $with]
        ) {
            $this->postJson(route($route, $this->one), $batch + $with)->assertUnprocessable();
        }
        $this->postJson(route('pricing.set', $this->one), [
            'variants' => [$theirs->variants()->value('id')],
            'do' => 'price',
            'price' => '1.00',
        ])->assertUnprocessable();
        self::assertSame([[], null], [$mine->refresh()->own_tags, $mine->deleted_at]);
        self::assertSame(0, BenchChange::query()->where('stall_id', $this->one->id)->count());
    }

    public function test_taking_a_step_back_never_writes_into_another_stall(): void
    {
        $mine = $this->world->listing($this->one);
        $theirs = $this->world->listing($this->two);
        DB::table('listing_items')->insert([
            'listing_id' => $theirs->id,
            'supplier_item_id' => $theirs->supplier_item_id,
            'agreed_words_id' => $theirs->agreed_words_id,
        ]);
        // A step as an attacker would have it: it names their listing.
        $change = BenchChange::query()->create(['stall_id' => $this->one->id, 'words' => 'forged', 'apart' => true]);
        $before = static fn (Listing $l): string => (string) json_encode([
            'listing' => [
                'id' => $l->id,
                'state' => 'put_by',
                'own_title' => 'Stolen',
                'own_tags' => [],
                'own_dropped' => [],
                'own_option_order' => [],
                'drafts' => [],
                'agreed_words_id' => $l->agreed_words_id,
            ],
            'variants' => [],
            'sources' => [],
            'items' => [],
        ]);
        foreach ([$mine, $theirs] as $listing) {
            DB::table('bench_change_parts')->insert([
                'change_id' => $change->id,
                'stall_id' => $this->one->id,
                'listing_id' => $listing->id,
                'before' => $before($listing),
            ]);
        }
        OneStall::within($this->one->id, fn () => app(Undo::class)->take($this->one, $change));
        self::assertSame('Stolen', $mine->refresh()->own_title, 'the step itself is taken back');
        self::assertSame(
            [null, 2, 1],
            [
                $theirs->refresh()->own_title,
                $theirs->variants()->count(),
                DB::table('listing_items')->where('listing_id', $theirs->id)->count(),
            ],
        );
    }

    private function bound(): void
    {
        DB::select("SELECT set_config('role', ?, false)", [config('database.connections.pgsql.bound_role')]);
    }
}

/** Notes where it is done. */
final class SeesStall implements ShouldQueue
{
    use Queueable;

    public static ?int $seen = null;

    public function handle(): void
    {
        self::$seen = OneStall::current();
    }
}
