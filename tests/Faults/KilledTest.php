<?php

declare(strict_types=1);

namespace WindowStall\Tests\Faults;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\Group;
use WindowStall\Bench\Jobs\PlaceMany;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Jobs\SettlePayment;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Pricing\Jobs\RepriceStall;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Mail\NewPasswordLink;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\Core\Source\Items;

/** Processes are killed in the middle; what is left is what an undisturbed one leaves. */
final class KilledTest extends FaultsTestCase
{
    public function test_a_pull_whose_worker_is_killed_is_taken_up_and_ends_as_an_undisturbed_one(): void
    {
        $calm = $this->pulled($this->world->stall(), kill: false);
        self::assertSame($calm, $this->pulled($this->world->stall(), kill: true));
        self::assertSame(64, $calm[0]);
    }

    public function test_a_settlement_whose_worker_is_killed_while_the_money_is_taken_ends_paid_once(): void
    {
        $stall = $this->world->stall();
        $variant = $this->onSale($stall, 'killed-'.$stall->id, 9);
        SupplierConnection::of($stall)->update(['address' => 'http://oakum.standins.localhost:1']);
        $basket = Basket::start($stall);
        $basket->put($variant->id, 1, 9);
        $order = app(PlaceOrder::class)($stall, $basket, BasketContents::of($stall->load('rates'), $basket), [
            'email' => 'i@f.example',
            'name' => 'Ines',
            'street' => '4 Pound Row',
            'town' => 'Aldermere',
            'postcode' => 'AL4 7QT',
        ]);
        $payAt = app(PaymentService::class)->open($order, $stall);
        // Takes the money at once and dawdles with the answer.
        $this->visitor()->post($payAt, ['form_params' => ['card' => 'slow']]);
        OneStall::within($stall->id, fn () => SettlePayment::dispatch($order->id));
        $this->until(fn (): bool => $this->payment($order)->state === 'captured', 'for the money to be taken');
        $this->kill('worker-payments-1');
        $this->kill('worker-payments-2');
        self::assertSame(OrderState::AwaitingPayment, $order->refresh()->state);
        // The lease is over, and the sweep comes by.
        Order::query()
            ->whereKey($order->id)
            ->update(['settling_until' => now()->subSecond(), 'updated_at' => now()->subMinute()]);
        DB::table('cache_locks')->where('key', 'like', '%SettlePayment%')->delete();
        SweepSupplierOrders::dispatchSync();
        $this->until(
            fn (): bool => Order::query()->whereKey($order->id)->where('state', OrderState::Paid)->exists(),
            'for it to be paid',
        );
        self::assertSame(
            [1, 1, 1],
            [
                (int) $this->payment($order)->captures,
                $order->supplierOrders()->count(),
                $variant->supplierVariant()->firstOrFail()->promised,
            ],
        );
    }

    public function test_a_killed_web_server_or_php_is_back_in_seconds_and_the_program_goes_on(): void
    {
        $stall = $this->world->stall();
        $this->onSale($stall, 'back-'.$stall->id, 3);
        foreach (['php-fpm', 'nginx', 'worker', 'scheduler'] as $process) {
            $this->kill($process);
        }
        $ok = fn (string $address): bool => rescue(
            fn (): bool => $this->visitor()->get($address)->getStatusCode() === 200,
            false,
            false,
        );
        $this->until(
            fn (): bool => $ok($stall->shopAddress('/')) && $ok($this->workshop('/up')),
            'for shop and workshop',
            30,
        );
        self::assertStringContainsString(
            'is started again',
            (string) file_get_contents(base_path('var/faults/log/supervise.log')),
        );
    }

    public function test_a_database_that_cuts_everybody_off_is_answered_with_wait_and_then_works_again(): void
    {
        $stall = $this->world->stall();
        $this->onSale($stall, 'cut-'.$stall->id, 3);
        $seller = $this->seller();
        $cut = fn () => DB::connection('owner')->select(
            'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND usename = ? AND pid <> pg_backend_pid()',
            [config('database.connections.pgsql.bound_role')],
        );
        $codes = [];
        for ($n = 0; $n < 30; $n++) {
            $n % 3 === 0 && $cut();
            $codes[] = $seller->get('/at/'.$stall->handle.'/bench')->getStatusCode();
            $codes[] = $this->visitor()->get($stall->shopAddress('/basket'))->getStatusCode();
        }
        self::assertSame([], array_values(array_diff($codes, [200, 503])), 'no fault of ours');
        $this->until(
            fn (): bool => $seller->get('/at/'.$stall->handle.'/bench')->getStatusCode() === 200,
            'for it to work again',
            10,
        );
        self::assertContains(200, $codes);
    }

    public function test_mail_that_is_refused_or_slow_is_sent_again_and_arrives_once(): void
    {
        $box = 'http://mailbox.'.config('stall.standins_host').config('stall.port_suffix');
        $play = fn (string $do) => $this->visitor()->post($box.'/play', ['form_params' => ['do' => $do]]);
        $user = $this->world->keeper();
        $play('refuse');
        Mail::mailer('smtp')->to($user->email)->queue(new NewPasswordLink($user, str_repeat('b', 64)));
        $this->until(
            fn (): bool => DB::table('jobs')
                ->where('queue', 'mail')
                ->where('attempts', '>=', 1)
                ->whereNull('reserved_at')
                ->exists(),
            'for the first try',
        );
        self::assertSame(0, $this->mailTo($user->email));
        $play('take');
        $this->until(fn (): bool => $this->mailTo($user->email) > 0, 'for the mail', 30);
        self::assertSame(1, $this->mailTo($user->email));
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    public function test_a_run_that_puts_many_in_the_window_and_is_killed_in_the_middle_ends_as_an_undisturbed_one(): void
    {
        $calm = $this->placed($this->world->stall(), kill: false);
        self::assertSame($calm, $this->placed($this->world->stall(), kill: true));
        self::assertSame(['in_window' => 12, 'on_bench' => 1], $calm['listings']);
    }

    public function test_a_recipe_that_is_worked_in_and_killed_in_the_middle_ends_as_an_undisturbed_one(): void
    {
        $calm = $this->priced($this->world->stall(), kill: false);
        self::assertSame($calm, $this->priced($this->world->stall(), kill: true));
        self::assertCount(24, $calm['prices']);
        self::assertNotSame($calm['before'], $calm['prices'], 'the recipe moves them');
    }

    public function test_a_window_whose_publishing_is_killed_is_as_it_was_and_is_published_when_asked_again(): void
    {
        $stall = $this->world->stall();
        $this->onSale($stall, 'publish-'.$stall->id, 3);
        $versions = fn (): int => DB::table('window_revisions')->where('stall_id', $stall->id)->count();
        $before = $versions();
        $seller = $this->seller();
        $publish = '/at/'.$stall->handle.'/window/publish';
        $this->whileHeld('windows', 'stall_id = ?', $stall->id, function () use ($seller, $publish): void {
            $seller->postAndLeave($publish);
            $this->until(fn (): bool => $this->waits(), 'for it to wait');
            $this->kill('php-fpm');
        });
        self::assertSame($before, $versions(), 'nothing of it is left');
        $this->until(fn (): bool => $seller->post($publish, [])->getStatusCode() === 200, 'for it to be published', 20);
        self::assertSame($before + 1, $versions());
    }

    #[Group('long')]
    public function test_a_pull_is_taken_up_by_itself_within_two_minutes(): void
    {
        $stall = $this->world->stall();
        $run = $this->begin($stall);
        $this->kill('worker-pulls');
        Books::set('slow', '0');
        $this->until(fn (): bool => $run->refresh()->state === RunState::Done, 'for the pull to be done', 150);
        self::assertSame(1, $run->taken_up);
    }

    /** @return array<string, mixed> what a run leaves that puts thirteen listings in the window, one of which lacks something */
    private function placed(Stall $stall, bool $kill): array
    {
        $listings = $this->many($stall);
        DB::table('pictures')->where('listing_id', $listings[6])->delete();
        $run = $this->waiting($stall, RunKind::Place, ['listings' => $listings]);
        $this->killed($run, PlaceMany::class, 'listings', $listings[11], $kill);

        return [
            'listings' => DB::table('listings')->where('stall_id', $stall->id)->orderBy('state')
                ->groupBy('state')->selectRaw('state, count(*)')->pluck('count', 'state')->all(),
            'run' => [$run->done, $run->rejects, $run->counts],
            'left' => DB::table('run_rejects')->where('run_id', $run->id)->count(),
            'addresses' => DB::table('listings')->where('stall_id', $stall->id)->whereNotNull('slug')->count(),
        ];
    }

    /** @return array{before: array<int, int>, prices: array<int, int>, history: int} */
    private function priced(Stall $stall, bool $kill): array
    {
        $this->many($stall, 12);
        $prices = static fn (): array => DB::table('prices')->where('stall_id', $stall->id)->where('market', 'GB')
            ->orderBy('listing_variant_id')->pluck('price_minor')->map(intval(...))->all();
        $before = $prices();
        $recipe = json_decode((string) DB::table('price_recipes')->where('stall_id', $stall->id)->value('recipe'), true);
        $recipe['steps'] = [['factor' => '3']];
        DB::table('price_recipes')->where('stall_id', $stall->id)->update(['recipe' => json_encode($recipe)]);
        $run = $this->waiting($stall, RunKind::Price, []);
        $last = (int) DB::table('prices')->where('stall_id', $stall->id)->max('listing_variant_id');
        $this->killed($run, RepriceStall::class, 'prices', $last, $kill);

        return [
            'before' => $before,
            'prices' => $prices(),
            'history' => DB::table('price_history')->where('stall_id', $stall->id)->count(),
        ];
    }

    /** @return list<int> as many listings on the bench, each of two variants */
    private function many(Stall $stall, int $count = 13): array
    {
        return array_map(function (int $n) use ($stall): int {
            $code = 'm'.$stall->id.'-'.$n;
            $item = Items::item(
                [Items::variant($code.'a', 540, 9), Items::variant($code.'b', 620, 9, 'CPR-02')],
                'Scoop '.$n,
                id: $code,
            );

            return $this->world->listing($stall, $item)->id;
        }, range(1, $count));
    }

    /** @param  array<string, mixed>  $subject */
    private function waiting(Stall $stall, RunKind $kind, array $subject): Run
    {
        return Run::of($stall)->create(['kind' => $kind, 'subject' => $subject, 'state' => RunState::Waiting]);
    }

    /**
     * Lets a run do its work, or kills its worker where it waits for a row that is held, and takes it up.
     *
     * @param  class-string<RunJob>  $job
     */
    private function killed(Run $run, string $job, string $table, int $row, bool $kill): void
    {
        $begin = static fn () => OneStall::within($run->stall_id, static fn (): Run => $run->begin($job));
        if ($kill) {
            $key = $table === 'prices' ? 'listing_variant_id' : 'id';
            $this->whileHeld($table, $key.' = ?', $row, function () use ($begin): void {
                $begin();
                $this->until(fn (): bool => $this->waits(), 'for it to come to what is held');
                $this->kill('worker-runs');
            });
            self::assertSame(RunState::Running, $run->refresh()->state, 'nobody has noticed yet');
            Artisan::call('stall:take-up');
        } else {
            $begin();
        }
        $this->until(fn (): bool => $run->refresh()->state === RunState::Done, 'for the run to be done');
    }

    private function whileHeld(string $table, string $where, int $is, callable $do): void
    {
        // Not the framework's transaction: that would keep back every job until it ends.
        $owner = DB::connection('owner')->getPdo();
        $owner->beginTransaction();
        try {
            $held = $owner->prepare("SELECT 1 FROM $table WHERE $where FOR UPDATE");
            $held->execute([$is]);
            self::assertNotSame([], $held->fetchAll());
            $do();
        } finally {
            $owner->rollBack();
        }
    }

    /** @phpstan-impure whether somebody waits for a row */
    private function waits(): bool
    {
        return DB::select(
            "SELECT 1 FROM pg_stat_activity WHERE datname = current_database() AND wait_event_type = 'Lock'",
        ) !== [];
    }

    /** @return array{int, int, int} items, variants, landings that a pull leaves */
    private function pulled(Stall $stall, bool $kill): array
    {
        $run = $kill
            ? $this->begin($stall)
            : OneStall::within($stall->id, fn () => app(StartPull::class)($this->world->connection($stall), null));
        if ($kill) {
            $this->kill('worker-pulls');
            Books::set('slow', '0');
            self::assertSame(RunState::Running, $run->refresh()->state, 'nobody has noticed yet');
            // As at the next start of the program, when nobody can be at work on it.
            Artisan::call('stall:take-up');
        }
        $this->until(fn (): bool => $run->refresh()->state === RunState::Done, 'for the pull to be done', 60);

        return [
            DB::table('supplier_items')->where('stall_id', $stall->id)->count(),
            DB::table('supplier_variants')->where('stall_id', $stall->id)->count(),
            DB::table('item_landings')->where('stall_id', $stall->id)->count(),
        ];
    }

    private function begin(Stall $stall): Run
    {
        $connection = $this->world->connection($stall);
        Books::set('slow', '1');
        $run = OneStall::within($stall->id, fn () => app(StartPull::class)($connection, null));
        $this->until(fn (): bool => $run->refresh()->state === RunState::Running, 'for the pull to begin');

        return $run;
    }

    /** @phpstan-impure how many mails have come for that address */
    private function mailTo(string $email): int
    {
        $all = Http::timeout(5)
            ->get('http://mailbox.'.config('stall.standins_host').config('stall.port_suffix').'/messages')
            ->json();

        return count(array_filter($all, static fn (array $m): bool => $m['to'] === [$email]));
    }

    private function payment(Order $order): \stdClass
    {
        return DB::connection('payment')->table('payments')->where('id', $order->payment_id)->firstOrFail();
    }
}
