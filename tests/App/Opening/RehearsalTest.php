<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\BrowserKit\Request;
use Symfony\Component\BrowserKit\Response;
use WindowStall\Bench\Listing;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Opening\Jobs\RehearseByNight;
use WindowStall\Opening\Jobs\RehearseShop;
use WindowStall\Opening\Rehearsal\BeginRehearsal;
use WindowStall\Opening\Rehearsal\NightBroke;
use WindowStall\Opening\Rehearsal\ReachesShop;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Shop\RehearsalPass;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Policies\Particulars;

/** A rehearsal goes through the shop and back, finds what was broken on purpose, and leaves nothing behind. */
final class RehearsalTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
        $this->app->bind(ReachesShop::class, ShopWithin::class);
        $id = (string) Books::table('variants')->where('item_id', 'OD-1007')->orderBy('position')->value('id');
        $this->stall = $this->world->stall($this->signIn());
        $this->listing = $this->world->inWindow($this->stall, Items::item([Items::variant($id, 610, 40)], 'Terracotta flowerpot'));
        Particulars::of($this->stall)->fill(['trader' => 'Nell Aldous', 'street' => '4 Pound Row', 'town' => 'Aldermere', 'return_days' => 30])->save();
    }

    public function test_it_goes_from_the_front_page_to_something_sent_back_and_leaves_nothing(): void
    {
        Mail::fake();
        PaymentConnection::of($this->stall)->update(['live' => true, 'keys' => ['live' => 'pay-live-key', 'test' => 'pay-demo-key']]);
        $this->stall->update(['open' => false]);
        $stock = $this->stock();
        $atOakum = [Books::table('orders')->count(), (string) Books::table('variants')->sum(DB::raw("(stock->>'GB')::int"))];
        $steps = $this->rehearse();
        self::assertSame(
            ['home', 'shelf', 'search', 'basket', 'address', 'paid', 'supplier', 'letters', 'there', 'back'],
            array_column($steps, 'kind'),
        );
        self::assertSame(['fine'], array_values(array_unique(array_column($steps, 'outcome'))), (string) json_encode($steps));
        $said = implode("\n", array_column($steps, 'words'));
        foreach ([
            'among all goods; it is on no shelf', 'Found it by “terractta”', '2 pieces', 'Oakum Depot took it as a test', 'Posted, tracked, there',
        ] as $words) {
            self::assertStringContainsString($words, $said);
        }
        $this->leftNothing();
        self::assertSame($stock, $this->stock(), 'no piece was taken from anybody');
        self::assertSame(
            $atOakum,
            [Books::table('orders')->count(), (string) Books::table('variants')->sum(DB::raw("(stock->>'GB')::int"))],
            'nor at the supplier',
        );
        Mail::assertNotQueued(OrderLetter::class);
        self::assertFalse($this->stall->refresh()->open);
        $seen = Rehearsal::latest($this->stall)->seen ?? [];
        self::assertSame(['/', '/goods/'.$this->listing->slug], array_column($seen, 'address'));
        self::assertSame(['Quillet', 'Terracotta flowerpot'], array_column($seen, 'title'));
        $view = $this->pageProps($this->get(route('opening.seen', $this->stall)))['seen'];
        self::assertStringContainsString('2 pages', $view['head']);
        $pages = $view['pages'];
        self::assertCount(2, $pages);
        self::assertContains($this->stall->shopAddress('/goods/'.$this->listing->slug), array_column(array_column($pages, 'cut'), 'address'));
    }

    /** @return iterable<string, array{callable(self): mixed, string, string}> what is broken, at which step that is found, what is said */
    public static function broken(): iterable
    {
        yield 'nothing in the window' => [
            static fn (self $t) => $t->postJson(route('bench.out', $t->stall), ['listings' => [$t->listing->id], 'to' => 'on_bench']),
            'home', 'leads to no goods',
        ];
        yield 'goods nobody finds' => [
            static fn (self $t) => DB::table('goods_facts')->where('listing_id', $t->listing->id)->update(['search' => '']),
            'search', 'doesn’t find',
        ];
        yield 'sold out meanwhile' => [
            static fn (self $t) => DB::table('supplier_variants')->where('stall_id', $t->stall->id)->update(['promised' => 40]),
            'basket', 'can’t be put in',
        ];
        yield 'nothing sent there' => [
            static fn (self $t) => DB::table('places')->where('stall_id', $t->stall->id)->update(['ways' => '[]']),
            'address', 'Nothing can be sent',
        ];
        yield 'no key for trying out' => [
            static fn (self $t) => PaymentConnection::of($t->stall)->update(['keys' => ['test' => 'forgotten']]),
            'address', 'isn’t taken',
        ];
        yield 'nobody answers for payments' => [
            static fn () => config(['stall.payment.address' => 'http://127.0.0.1:9']),
            'address', 'isn’t taken',
        ];
        yield 'the supplier has fewer' => [
            static fn (self $t) => $t->play('variants/'.Books::table('variants')->where('item_id', 'OD-1007')->orderBy('position')->value('id'), 'sell-out'),
            'paid', 'not paid',
        ];
        yield 'the supplier knows nobody' => [
            static fn (self $t) => SupplierConnection::of($t->stall)->firstOrFail()->update(['secrets' => ['key' => 'gone', 'hook' => str_repeat('s', 40)]]),
            'supplier', 'would not take it',
        ];
        yield 'a letter from nobody' => [
            static fn (self $t) => Particulars::of($t->stall)->update(['trader' => null]),
            'letters', 'who sent it',
        ];
        yield 'a carrier that says nothing' => [
            static fn () => config(['stall.carrier.address' => 'http://127.0.0.1:9']),
            'there', 'doesn’t say',
        ];
        yield 'nowhere to send it back to' => [
            static fn (self $t) => Particulars::of($t->stall)->update(['street' => null]),
            'back', 'sent back to',
        ];
    }

    /** @param  callable(self): mixed  $break */
    #[DataProvider('broken')]
    public function test_what_is_broken_on_purpose_is_found(callable $break, string $at, string $words): void
    {
        $break($this);
        try {
            $steps = $this->rehearse();
        } finally {
            Books::restock();
        }
        $last = array_pop($steps) ?? self::fail('Nobody came in.');
        self::assertSame([$at, 'broken'], [$last['kind'], $last['outcome']], (string) json_encode($steps));
        self::assertStringContainsString($words, $last['words'].' '.$last['read']);
        $this->leftNothing();
        $left = $this->pageProps($this->get(route('opening', $this->stall)));
        self::assertContains(true, array_column($left['left']['items'], 'stops'));
        self::assertNotSame('', $left['rehearsal']['shoppers'][0]['steps'][count($steps)]['href']);
    }

    public function test_a_supplier_without_test_orders_is_said_to_be_untested(): void
    {
        SupplierConnection::of($this->stall)->firstOrFail()->update(['orders_to' => 'orders@kilnfold.example']);
        $steps = $this->rehearse();
        $kinds = array_column($steps, 'outcome', 'kind');
        self::assertSame(['untested', 'untested', 'untested'], [$kinds['supplier'], $kinds['there'], $kinds['back']]);
        self::assertStringContainsString('takes no test orders', implode(array_column($steps, 'words')));
    }

    public function test_where_nobody_lives_that_was_made_up_the_rest_is_untested_and_nobody_stuck(): void
    {
        $this->stall->update(['home_market' => 'MT']);
        DB::table('places')->where('stall_id', $this->stall->id)->update(['covers' => json_encode([['country' => 'MT']])]);
        DB::table('markets')->where('stall_id', $this->stall->id)->update(['market' => 'MT']);
        DB::table('prices')->where('stall_id', $this->stall->id)->update(['market' => 'MT']);
        $steps = $this->rehearse();
        $last = array_pop($steps);
        self::assertSame(['address', 'untested'], [$last['kind'] ?? '', $last['outcome'] ?? ''], (string) json_encode([$steps, $last]));
    }

    public function test_a_shop_that_does_not_answer_is_found_out_and_the_rehearsal_ends(): void
    {
        $this->app->bind(ReachesShop::class, static fn (): ReachesShop => new class implements ReachesShop
        {
            public function ask(Stall $stall, Request $request): Response
            {
                throw new Stuck('The shop doesn’t answer.');
            }
        });
        $steps = $this->rehearse();
        self::assertSame([['home', 'broken', 'The shop doesn’t answer.']], array_map(
            static fn (array $step): array => [$step['kind'], $step['outcome'], $step['words']],
            $steps,
        ));
    }

    public function test_what_is_rehearsed_is_seen_by_nobody_else(): void
    {
        $shopper = new \WindowStall\Tests\App\Shop\Shopper($this, $this->stall);
        $real = $shopper->buy($this->listing->variants()->firstOrFail());
        OneStall::within($this->stall->id, function () use ($real): void {
            OneStall::rehearse();
            $order = $real->replicate(['number', 'token', 'payment_id', 'sought', 'whose']);
            $order->forceFill(['id' => -7, 'number' => -7, 'token' => str_repeat('r', 43)])->save();
            foreach ($real->lines as $line) {
                $line->replicate()->forceFill(['order_id' => -7])->save();
            }
            self::assertSame([2, 2], [Order::query()->count(), DB::table('order_lines')->count()]);
            OneStall::rehearse(false);
            self::assertSame([1, 1], [Order::query()->count(), DB::table('order_lines')->count()]);
            // Nor can anybody but a rehearsal write one.
            $this->expectExceptionMessageMatches('/row-level security/');
            DB::table('order_mails')->insert([
                'stall_id' => $this->stall->id, 'order_id' => -7, 'kind' => 'thanks', 'of' => 0, 'told_at' => now(),
            ]);
        });
    }

    public function test_one_at_a_time_and_each_night_for_an_open_shop(): void
    {
        \Illuminate\Support\Facades\Queue::fake([RehearseShop::class]);
        $this->travelTo('2026-12-03 03:20:00');
        (new RehearseByNight)->handle(app(BeginRehearsal::class));
        (new RehearseByNight)->handle(app(BeginRehearsal::class));
        $this->postJson(route('opening.rehearsal.begin', $this->stall))->assertOk()->assertJsonPath('running', true);
        self::assertSame([1, true], [Rehearsal::of($this->stall)->count(), Rehearsal::latest($this->stall)?->by_night]);
        // Killed in the middle: it says so, and another can be begun.
        $this->travel(11)->minutes();
        self::assertSame([true, false], [$this->shown()['broken'], $this->shown()['running']]);
        $this->postJson(route('opening.rehearsal.begin', $this->stall))->assertOk()->assertJsonPath('running', true);
        // Who waited longest comes first.
        $other = $this->world->stall();
        $due = array_column(DB::select("SELECT stall FROM shops_to_rehearse('2026-12-04 03:20', '2026-12-03 07:00', 3, 1000)"), 'stall');
        self::assertSame(
            [$other->id, $this->stall->id],
            array_values(array_filter($due, fn (int $one): bool => in_array($one, [$other->id, $this->stall->id], true))),
        );
        // By day, and where the shop is closed, none.
        $this->travelTo('2026-12-04 12:20:00');
        (new RehearseByNight)->handle(app(BeginRehearsal::class));
        $this->stall->update(['open' => false]);
        $this->travelTo('2026-12-05 03:20:00');
        (new RehearseByNight)->handle(app(BeginRehearsal::class));
        self::assertSame(2, Rehearsal::of($this->stall)->count());
    }

    public function test_many_rehearsals_at_once_are_not_taken_for_one_busy_address(): void
    {
        // Shoppers are nobody's users.
        $this->app['auth']->forgetGuards();
        $address = $this->stall->shopAddress('/ask');
        $ask = fn (string $pass): int => $this->withUnencryptedCookie(RehearsalPass::NAME, $pass)->post($address)->getStatusCode();
        foreach (range(1, 8) as $n) {
            $this->travel(1)->seconds();
            self::assertNotSame(429, $ask(RehearsalPass::of($this->stall)));
        }
        $last = array_map(fn (int $n): int => $ask(''), range(1, 7));
        self::assertSame(429, end($last), 'shoppers are held to it');
    }

    public function test_everything_of_an_order_stands_behind_the_wall(): void
    {
        $open = DB::select(<<<'SQL'
            SELECT DISTINCT refers.conrelid::regclass::text AS name
            FROM pg_constraint AS refers
            JOIN pg_attribute AS col ON col.attrelid = refers.conrelid AND col.attnum = refers.conkey[1]
            WHERE refers.contype = 'f'
              AND refers.confrelid = 'orders'::regclass
              AND col.attname = 'order_id'
              AND NOT EXISTS (SELECT 1 FROM pg_policy AS wall WHERE wall.polrelid = refers.conrelid AND wall.polname = 'not_rehearsed')
            SQL);
        self::assertSame([], array_column($open, 'name'));
    }

    public function test_what_broke_over_night_is_mailed_once_to_those_who_work_there(): void
    {
        Mail::fake();
        $this->rehearse();
        DB::table('places')->where('stall_id', $this->stall->id)->update(['ways' => '[]']);
        $this->travelTo('2026-12-03 03:20:00');
        foreach ([1, 2] as $night) {
            (new RehearseByNight)->handle(app(BeginRehearsal::class));
            $this->travel(24)->hours();
        }
        Mail::assertQueuedCount(1);
        Mail::assertQueued(NightBroke::class, fn (NightBroke $mail): bool => $mail->hasTo($this->world->keeper()->email)
            && str_contains($mail->render(), 'The United Kingdom, by card'));
        self::assertSame([], $this->shown()['since']);
    }

    /** @return list<array{kind: string, at: int, outcome: string, words: string, read: string}> */
    private function rehearse(): array
    {
        $this->postJson(route('opening.rehearsal.begin', $this->stall))->assertOk();
        $rehearsal = Rehearsal::latest($this->stall) ?? self::fail('None was begun.');
        self::assertNotNull($rehearsal->ended_at);

        return $rehearsal->roll[0]['steps'];
    }

    /** @return array<string, mixed> the roll, as the screen has it */
    private function shown(): array
    {
        return $this->pageProps($this->get(route('opening', $this->stall)))['rehearsal'];
    }

    private function leftNothing(): void
    {
        self::assertSame(0, DB::table('orders')->where('id', '<', 0)->count());
        foreach (['order_lines', 'order_papers', 'parcels', 'refunds'] as $table) {
            self::assertSame(0, DB::table($table)->where('order_id', '<', 0)->count(), $table);
        }
        self::assertSame([0, 0], [
            DB::table('baskets')->where('stall_id', $this->stall->id)->count(),
            DB::table('paper_numbers')->where('stall_id', $this->stall->id)->count(),
        ]);
    }

    private function stock(): int
    {
        return (int) DB::table('supplier_variants')->where('stall_id', $this->stall->id)->sum('available');
    }
}
