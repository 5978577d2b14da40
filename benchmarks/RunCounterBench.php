<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\ByMail\SendBatch;
use WindowStall\Counter\Desk\AllOrders;
use WindowStall\Counter\Desk\Desk;
use WindowStall\Counter\Order;
use WindowStall\Counter\Owed\SupplierAccounts;
use WindowStall\Counter\Payment\AskedPayment;
use WindowStall\Counter\Payment\ExpressAsked;
use WindowStall\Counter\Payment\PaymentAccess;
use WindowStall\Counter\Payment\PaymentConnector;
use WindowStall\Counter\Payment\PaymentNews;
use WindowStall\Counter\Payment\PaymentState;
use WindowStall\Counter\Payment\SaidPayment;
use WindowStall\Counter\People\People;
use WindowStall\Counter\TakePayment;
use WindowStall\Counter\Views\OrderRowView;
use WindowStall\Counter\Views\PersonThread;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Measures the counter at the size its users reach: the desk over 10,000 open parcels, the list of 100,000 orders, and 1,000 orders
 * from paid to sent. All of it within a transaction that is taken back; the payment service is answered in process, so that the
 * program's own work is measured.
 */
final class RunCounterBench extends Command
{
    protected $signature = 'bench:counter {--orders=100000} {--open=10000} {--paid=1000}';

    protected $description = 'Print what the desk, the list of orders and the way from paid to sent take';

    /** Milliseconds that a page of the counter may take, for 95 of 100. */
    private const PAGE = 150;

    private const TIMES = 20;

    /** Copies of an order, each a minute older; %s: its columns but those named. */
    private const ORDERS = <<<'SQL'
        INSERT INTO orders (%1$s, number, token, basket_id, state, paid_at, created_at, updated_at, payment_id, name, email, postcode)
        SELECT %1$s, (SELECT max(number) FROM orders) + n, md5(n || :state::text) || lpad(n::text, 11, '0'), basket_id, :state::varchar,
               CASE WHEN :state::varchar = 'paid' THEN now() - n * interval '1 minute' END,
               now() - n * interval '1 minute', now(), 'bench-' || :state::text || n,
               'Shopper ' || n, 'shopper' || n || '@bench.example', 'BN' || n %% 100 || ' ' || n %% 10 || 'AA'
        FROM orders, generate_series(1, :most) AS n
        WHERE id = :like
        SQL;

    private const LINES = <<<'SQL'
        INSERT INTO order_lines (order_id, stall_id, listing_variant_id, supplier_variant_id, title, label, quantity, unit_minor, promised_from, promised_to)
        SELECT made.id, made.stall_id, goods.listing, goods.supplier, 'Bench', '', 1, 1000, current_date, current_date + 3
        FROM orders AS made
        JOIN (
            SELECT variant.id AS listing, variant.selling_id AS supplier, row_number() OVER (ORDER BY variant.id) AS turn,
                   count(*) OVER () AS count
            FROM listing_variants AS variant
            JOIN supplier_variants AS source ON source.id = variant.selling_id
            JOIN supplier_items AS item ON item.id = source.supplier_item_id
            WHERE item.connection_id = (SELECT min(connection_id) FROM supplier_orders WHERE order_id = :like)
        ) AS goods ON goods.turn = made.id % goods.count + 1
        WHERE made.id > :since
        SQL;

    private const SENT = <<<'SQL'
        INSERT INTO supplier_orders (
            order_id, stall_id, connection_id, idempotency_key, state, external_id, goods_minor, delivery_minor, cost_confirmed,
            sent_at, posted_at, created_at, updated_at
        )
        SELECT made.id, made.stall_id, :connection, gen_random_uuid(), 'posted', 'bench-' || made.id, 500, 200, true,
               made.paid_at, made.paid_at, made.paid_at, made.paid_at
        FROM orders AS made
        WHERE made.email LIKE '%@bench.example' AND made.state = 'paid'
        SQL;

    private const THEIRS = <<<'SQL'
        UPDATE order_lines SET supplier_order_id = sent.id
        FROM supplier_orders AS sent
        WHERE sent.order_id = order_lines.order_id AND sent.external_id LIKE 'bench-%'
        SQL;

    private const PARCELS = <<<'SQL'
        INSERT INTO parcels (
            stall_id, order_id, supplier_order_id, connection_id, country, number, pieces, carrier, tracking, promised_to, posted_at,
            moved_at, there_at, stands
        )
        SELECT sent.stall_id, sent.order_id, sent.id, sent.connection_id, 'GB', 1, json_build_object(line.id, 1), 'Longfurrow Parcels',
               'BENCH' || sent.id, current_date + (turn %% 7)::int - 1, now() - (turn %% 5) * interval '1 day',
               now() - (turn %% 4) * interval '1 day',
               CASE WHEN turn > :open THEN now() - (turn %% 5) * interval '1 day' + interval '30 hours' END, 'moved'
        FROM (
            SELECT *, row_number() OVER (ORDER BY id) AS turn FROM supplier_orders WHERE external_id LIKE 'bench-%%'
        ) AS sent
        JOIN order_lines AS line ON line.supplier_order_id = sent.id
        SQL;

    public function handle(): int
    {
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo to measure.');
        // Jobs and mails that are set meanwhile lie in its tables and go with the transaction.
        DB::beginTransaction();
        try {
            $like = Order::of($stall)->where('state', OrderState::Paid)->whereHas('supplierOrders')->orderBy('id')->firstOrFail();
            $this->paid($stall, $like);
            $this->pages($stall, $like);
        } finally {
            DB::rollBack();
        }

        return self::SUCCESS;
    }

    private function pages(Stall $stall, Order $like): void
    {
        $connection = (int) $like->supplierOrders()->value('connection_id');
        $this->make($like, (int) $this->option('orders'), OrderState::Paid);
        DB::insert(self::SENT, ['connection' => $connection]);
        self::analyse();
        DB::update(self::THEIRS);
        DB::insert(sprintf(self::PARCELS), ['open' => (int) $this->option('open')]);
        self::analyse();
        $this->timed(
            sprintf('The desk with %s open parcels', number_format((int) $this->option('open'))),
            static fn () => Desk::of($stall),
            'SELECT count(*) FROM parcels WHERE stall_id = ? AND there_at IS NULL',
            [$stall->id],
        );
        $list = static fn (array $by): mixed => AllOrders::by($stall, $by)
            ->with(['lines', 'supplierOrders', 'refunds', 'parcels'])
            ->orderByDesc('id')
            ->limit(41)
            ->get()
            ->map(static fn (Order $order): OrderRowView => OrderRowView::of($stall, $order));
        foreach ([
            'all' => [],
            'found by name' => ['q' => 'shopper 77'],
            'found by postcode' => ['q' => 'bn7 7aa'],
            'found by tracking' => ['q' => 'BENCH'.DB::table('parcels')->where('tracking', 'like', 'BENCH%')->value('supplier_order_id')],
            'found by number' => ['q' => (string) DB::table('orders')->max('number')],
            'under way' => ['stands' => 'open'],
            'something given back' => ['stands' => 'back'],
        ] as $name => $by) {
            $this->timed(
                sprintf('A page of %s orders, %s', number_format((int) $this->option('orders')), $name),
                static fn () => $list($by),
                'SELECT * FROM orders WHERE stall_id = ? ORDER BY id DESC LIMIT 41',
                [$stall->id],
            );
        }
        $this->people($stall);
    }

    private function people(Stall $stall): void
    {
        $shopper = (string) Order::of($stall)->where('email', 'like', '%@bench.example')->value('email');
        foreach ([
            'who came last' => static fn () => People::latest($stall, '', 100),
            'found by name' => static fn () => People::latest($stall, 'shopper 77', 100),
            'by their numbers' => static fn () => People::after($stall, 50_000, 100),
            'one of them, with all between' => static fn () => PersonThread::of($stall, $shopper),
        ] as $name => $do) {
            $this->timed(
                sprintf('People of %s orders, %s', number_format((int) $this->option('orders')), $name),
                $do,
                'SELECT * FROM orders WHERE stall_id = ? ORDER BY id DESC LIMIT 100',
                [$stall->id],
            );
        }
        $this->timed(
            'How suppliers’ accounts stand',
            static fn () => SupplierAccounts::short($stall),
            "SELECT sum(goods_minor) FROM supplier_orders WHERE stall_id = ? AND state = 'to_send'",
            [$stall->id],
        );
    }

    /** As autovacuum would by then; only the tables' owner may, and within a stall one is bound. */
    private static function analyse(): void
    {
        $bound = (string) DB::scalar('SELECT current_user');
        DB::statement('RESET ROLE');
        foreach (['orders', 'order_lines', 'supplier_orders', 'parcels'] as $table) {
            DB::statement('ANALYZE '.$table);
        }
        DB::statement('SET ROLE '.$bound);
    }

    /** @param  list<mixed>  $with */
    private function timed(string $what, callable $do, string $sql, array $with): void
    {
        $do();
        $own = $plain = [];
        for ($n = 0; $n < self::TIMES; $n++) {
            $began = hrtime(true);
            $do();
            $own[] = (hrtime(true) - $began) / 1e6;
            $began = hrtime(true);
            DB::select($sql, $with);
            $plain[] = (hrtime(true) - $began) / 1e6;
        }
        sort($own);
        sort($plain);
        $slow = $own[(int) (0.95 * self::TIMES)];
        $this->line(sprintf(
            '%-62s %5.0f ms median, %5.0f ms p95 (at most %d: %s); one plain SELECT %.1f ms',
            $what,
            $own[intdiv(self::TIMES, 2)],
            $slow,
            self::PAGE,
            $slow <= self::PAGE ? 'kept' : 'not kept',
            $plain[intdiv(self::TIMES, 2)],
        ));
    }

    private function paid(Stall $stall, Order $like): void
    {
        $count = (int) $this->option('paid');
        $this->make($like, $count, OrderState::AwaitingPayment);
        app()->bind(PaymentConnector::class, fn (): PaymentConnector => self::captured());
        $supplier = SupplierConnection::query()->findOrFail((int) $like->supplierOrders()->value('connection_id'));
        $supplier->update(['orders_to' => 'orders@bench.example']);
        $orders = Order::query()->where('email', 'like', '%@bench.example')->where('state', OrderState::AwaitingPayment)->get();
        $began = hrtime(true);
        foreach ($orders as $order) {
            app(TakePayment::class)($order);
        }
        $paid = (hrtime(true) - $began) / 1e9;
        $began = hrtime(true);
        $batch = app(SendBatch::class)($supplier->refresh());
        $sent = (hrtime(true) - $began) / 1e9;
        // Everything asked a second time.
        foreach ($orders->take(100) as $order) {
            app(TakePayment::class)($order->refresh());
        }
        app(SendBatch::class)($supplier);
        $this->line(sprintf(
            '%s orders paid: %.0f a second; mailed to their supplier: %.0f a second. Invoices %d, supplier orders %d, in the table %d.',
            number_format($count),
            $count / $paid,
            ($batch->orders ?? 0) / $sent,
            DB::table('order_papers')->whereIn('order_id', $orders->modelKeys())->count(),
            DB::table('supplier_orders')->whereIn('order_id', $orders->modelKeys())->count(),
            $batch->orders ?? 0,
        ));
        $this->line(sprintf('The same rows as plain SQL: %.0f orders a second.', $count / $this->plainly($orders->modelKeys(), $supplier)));
        DB::table('orders')->whereIn('id', $orders->modelKeys())->update(['email' => '']);
    }

    /** @param  array<int|string>  $orders */
    private function plainly(array $orders, SupplierConnection $supplier): float
    {
        $began = hrtime(true);
        foreach ($orders as $id) {
            DB::transaction(static function () use ($id, $supplier): void {
                DB::update("UPDATE orders SET state = 'paid', paid_at = now(), reserved_until = NULL WHERE id = ?", [$id]);
                DB::update(<<<'SQL'
                    UPDATE supplier_variants SET promised = promised + 1
                    WHERE id = (SELECT min(supplier_variant_id) FROM order_lines WHERE order_id = ?)
                    SQL, [$id]);
                $sent = DB::selectOne(<<<'SQL'
                    INSERT INTO supplier_orders (
                        order_id, stall_id, connection_id, idempotency_key, state, goods_minor, delivery_minor, created_at, updated_at
                    )
                    SELECT id, stall_id, ?, gen_random_uuid(), 'sent', 500, 200, now(), now() FROM orders WHERE id = ?
                    RETURNING id
                    SQL, [$supplier->id, $id]);
                DB::update('UPDATE order_lines SET supplier_order_id = ? WHERE order_id = ?', [$sent?->id, $id]);
                DB::insert(<<<'SQL'
                    INSERT INTO order_mails (stall_id, order_id, kind, of, told_at)
                    SELECT stall_id, id, 'plain', 0, now() FROM orders WHERE id = ?
                    SQL, [$id]);
                DB::insert(<<<'SQL'
                    INSERT INTO order_papers (stall_id, order_id, kind, year, number, said, issued_at)
                    SELECT stall_id, id, 'plain', 2026, id, '{}', now() FROM orders WHERE id = ?
                    SQL, [$id]);
                DB::insert("INSERT INTO jobs (queue, payload, attempts, available_at, created_at) VALUES ('bench', repeat('x', 900), 0, 0, 0)");
            });
        }

        return (hrtime(true) - $began) / 1e9;
    }

    private function make(Order $like, int $most, OrderState $state): void
    {
        $own = ['number', 'token', 'basket_id', 'state', 'paid_at', 'created_at', 'updated_at', 'payment_id', 'name', 'email', 'postcode'];
        $columns = array_diff(
            DB::getSchemaBuilder()->getColumnListing('orders'),
            [...$own, 'id', 'sought', 'whose', 'settling_until', 'reserved_until', 'awaited_since', 'pending_since', 'disputed_at', 'held_at'],
        );
        $since = (int) DB::table('orders')->max('id');
        DB::insert(sprintf(self::ORDERS, '"'.implode('", "', $columns).'"'), ['state' => $state->value, 'most' => $most, 'like' => $like->id]);
        DB::insert(self::LINES, ['like' => $like->id, 'since' => $since]);
        DB::statement('ANALYZE orders');
        DB::statement('ANALYZE order_lines');
    }

    /** A payment service that has captured everything it is asked about. */
    private static function captured(): PaymentConnector
    {
        return new class implements PaymentConnector
        {
            public function isLive(PaymentAccess $access): bool
            {
                return false;
            }

            public function open(PaymentAccess $access, AskedPayment $asked): SaidPayment
            {
                return new SaidPayment('bench', PaymentState::Open, null, false);
            }

            public function express(PaymentAccess $access, string $returnTo): ExpressAsked
            {
                throw new \LogicException('Nobody asks here.');
            }

            public function brought(PaymentAccess $access, string $id): ?array
            {
                return null;
            }

            public function state(PaymentAccess $access, string $id): SaidPayment
            {
                return new SaidPayment($id, PaymentState::Captured, null, false);
            }

            public function capture(PaymentAccess $access, string $id, ?int $minor = null): void
            {
            }

            public function refund(PaymentAccess $access, string $id, string $key, ?int $minor = null): void
            {
            }

            public function void(PaymentAccess $access, string $id): void
            {
            }

            public function news(Request $request, #[\SensitiveParameter] string $secret): ?PaymentNews
            {
                return null;
            }
        };
    }
}
