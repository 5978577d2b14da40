<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Inertia\Testing\AssertableInertia as Page;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Account\ReadAccount;
use WindowStall\Source\Jobs\AskAccount;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** On what terms suppliers take orders: paid ahead, by bills, so many pieces, with things laid in. */
final class OwedTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    private ListingVariant $variant;

    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
        $id = (string) Books::table('variants')->where('item_id', 'OD-1002')->orderBy('position')->value('id');
        Books::table('variants')->where('id', $id)->update(['stock' => json_encode(['GB' => 400]), 'cost' => 560]);
        $this->stall = $this->world->stall($this->signIn());
        $item = Items::item([Items::variant($id, 560, 400)], id: 'OD-1002');
        $this->variant = $this->world->inWindow($this->stall, $item)->variants()->firstOrFail();
        $this->supplier = SupplierConnection::of($this->stall)->firstOrFail();
    }

    public function test_what_is_left_of_what_was_paid_in_is_told_and_warned_of_before_it_runs_out(): void
    {
        $this->balance(10_000);
        $this->look();
        $this->get(route('counter.owed', $this->stall))->assertInertia(fn (Page $page): Page => $page
            ->where('accounts.0.pays', 'ahead')
            ->where('accounts.0.sentence', $this->text(10_000).' of what you paid in is left. Nothing was spent lately.')
            ->where('accounts.0.mostPieces', 240));
        $this->travelTo(now()->subDays(2));
        $order = $this->buy(2);
        $this->travelBack();
        $charged = $order->supplierOrders()->sole()->charged();
        Cache::flush();
        $this->balance(10_000 - $this->cents($charged));
        $this->look();
        $this->assertDesk(fn (array $needs): bool => ! in_array('owed', array_column($needs, 'kind'), true));
        $this->balance($this->cents($charged));
        $this->look();
        $this->assertDesk(fn (array $needs): bool => $needs[0]['kind'] === 'owed' && str_contains($needs[0]['title'], 'Oakum Depot lasts'));
        $this->put(route('counter.owed.say', [$this->stall, $this->supplier]), $this->terms(['warnDays' => 1, 'pays' => 'ahead']));
        $this->assertDesk(fn (array $needs): bool => ! in_array('owed', array_column($needs, 'kind'), true));
    }

    public function test_what_is_charged_meanwhile_and_what_waits_comes_off_before_it_says_so_again(): void
    {
        $this->balance(10_000);
        $this->look();
        $sent = $this->buy(1)->supplierOrders()->sole();
        $left = $this->stall->rateFrom('USD')->convert(Money::of(10_000, 'USD'))->minor - $sent->charged();
        $this->get(route('counter.owed', $this->stall))->assertInertia(fn (Page $page): Page => $page
            ->where('accounts.0.sentence', fn (string $said): bool => str_starts_with($said, '£'.number_format($left / 100, 2))));
    }

    public function test_an_order_beyond_the_balance_is_refused_and_said_and_goes_once_it_is_paid_in(): void
    {
        $this->balance(100);
        $order = $this->buy(1);
        $row = $order->supplierOrders()->sole();
        self::assertSame(State::Refused, $row->state);
        self::assertStringContainsString('Your balance is $1.00', (string) $row->refusal);
        $this->balance(100_000);
        $this->post(route('counter.again', [$this->stall, $order]), ['supplierOrder' => $row->id])->assertSessionHas('say');
        self::assertNotSame(State::Refused, $row->refresh()->state);
        self::assertSame(1, Books::table('orders')->count());
        self::assertSame(
            100_000 - (int) Books::table('orders')->sum('charged'),
            (int) Books::table('accounts')->where('key', 'oakum-quillet-key')->value('balance'),
        );
    }

    public function test_bills_are_added_up_and_noted_as_paid_once(): void
    {
        $this->put(route('counter.owed.say', [$this->stall, $this->supplier]), $this->terms(['pays' => 'bills', 'billDays' => 14]));
        $first = $this->buy(1)->supplierOrders()->sole();
        $second = $this->buy(2)->supplierOrders()->sole();
        $owed = '£'.number_format(($first->charged() + $second->charged()) / 100, 2);
        $until = '';
        $this->get(route('counter.owed', $this->stall))->assertInertia(function (Page $page) use ($owed, &$until): Page {
            $until = $page->toArray()['props']['accounts'][0]['settle'];

            return $page->where('accounts.0.sentence', fn (string $said): bool => str_starts_with($said, 'You owe '.$owed.' for 2 orders, the oldest due '));
        });
        $this->travel(1)->minutes();
        $later = $this->buy(1)->supplierOrders()->sole();
        $settle = fn () => $this->post(route('counter.owed.settle', [$this->stall, $this->supplier]), ['until' => $until]);
        $settle()->assertSessionHas('say', '2 orders are noted as paid.');
        $settle()->assertSessionHas('say', 'Nothing of that was open any more.');
        self::assertNull($later->refresh()->settled_at, 'what was sent since the page was read is still owed');
    }

    public function test_what_is_laid_in_goes_with_each_order_and_its_cost_into_the_books(): void
    {
        $this->get(route('counter.owed.extras', [$this->stall, $this->supplier]))->assertJsonPath('extras.1.code', 'card');
        $say = fn (array $extras) => $this->put(
            route('counter.owed.say', [$this->stall, $this->supplier]),
            $this->terms(['extras' => $extras]),
        );
        $say(['ribbon'])->assertSessionHasErrors(['said' => 'Oakum Depot doesn’t offer that.']);
        $cost = $this->stall->rateFrom('USD')->convert(Money::of(40, 'USD'))->minor;
        $home = fn (): array => (array) DB::table('prices')->where('stall_id', $this->stall->id)->where('market', 'GB')->orderBy('listing_variant_id')->first();
        $before = $home();
        $say(['slip', 'card'])->assertRedirect()->assertSessionHasNoErrors();
        // What goods ask and keep knows it at once.
        self::assertSame((int) $before['handling_minor'] + $cost, (int) $home()['handling_minor']);
        self::assertGreaterThanOrEqual($before['price_minor'], $home()['price_minor']);
        self::assertNotSame([$before['price_minor'], $before['keep_minor']], [$home()['price_minor'], $home()['keep_minor']]);
        $order = $this->buy(1);
        self::assertSame($this->stall->handling_minor, $order->handling_minor, 'an order has it once, with what is ordered of the supplier');
        $row = $order->supplierOrders()->sole();
        self::assertSame(['slip', 'card'], json_decode((string) Books::table('orders')->value('extras')));
        self::assertSame($cost, $row->extras_minor, 'as it charges');
        self::assertEqualsWithDelta($cost, $row->expected_extras_minor, 1, 'as was expected');
        $result = OrderFigures::result($order->refresh()->load(['supplierOrders', 'refunds']));
        $without = OrderFigures::result((clone $order)->setRelation('supplierOrders', $order->supplierOrders->map(
            static fn (SupplierOrder $one): SupplierOrder => (clone $one)->forceFill(['extras_minor' => 0, 'expected_extras_minor' => 0]),
        )));
        self::assertSame($without->kept->minor - $cost, $result->kept->minor);
    }

    public function test_an_order_beyond_a_suppliers_terms_goes_as_several_and_adds_up(): void
    {
        $this->put(route('counter.owed.say', [$this->stall, $this->supplier]), $this->terms(['mostPieces' => 4]));
        $order = $this->buy(10);
        $sent = $order->supplierOrders()->with('lines')->get();
        self::assertSame([4, 4, 2], $sent->map(static fn (SupplierOrder $one): int => (int) $one->lines->sum('quantity'))->all());
        self::assertSame(3, Books::table('orders')->count());
        self::assertSame(
            $order->goods_minor,
            (int) $order->lines()->get()->sum(static fn (OrderLine $line): int => $line->total($order)->minor),
        );
        self::assertSame([10], array_column($order->papers()->sole()->said['lines'], 'pieces'), 'its invoice says it in one line');
        self::assertSame(
            $order->total_minor,
            $this->pageProps($this->get(route('counter.order', [$this->stall, $order])))['order']['refundable']['minor'],
        );
    }

    public function test_accounts_are_asked_in_their_turn_and_bad_terms_are_refused(): void
    {
        Queue::fake([AskAccount::class]);
        $this->supplier->update(['account_next_at' => now()->subMinute()]);
        SweepSupplierOrders::dispatchSync();
        Queue::assertPushed(AskAccount::class, fn (AskAccount $job): bool => $job->connectionId === $this->supplier->id);
        $this->put(route('counter.owed.say', [$this->stall, $this->supplier]), $this->terms([
            'pays' => 'later', 'warnDays' => 0, 'billDays' => 'x', 'mostPieces' => -1, 'extras' => [['a']],
        ]))->assertSessionHasErrors(['pays', 'warnDays', 'billDays', 'mostPieces', 'extras.0']);
        $this->supplier->update(['address' => 'http://oakum.standins.localhost:9', 'balance_minor' => 5]);
        $this->post(route('counter.owed.look', [$this->stall, $this->supplier]))->assertSessionHasErrors('said');
        (new AskAccount($this->supplier->id))->handle(app(ReadAccount::class));
        self::assertSame(5, $this->supplier->refresh()->balance_minor, 'what it said last stands');
    }

    private function buy(int $pieces): Order
    {
        return (new Shopper($this, $this->stall))->buy($this->variant, $pieces)->refresh();
    }

    private function balance(int $cents): void
    {
        Books::table('accounts')->where('key', 'oakum-quillet-key')->update(['balance' => $cents]);
    }

    private function look(): void
    {
        $this->post(route('counter.owed.look', [$this->stall, $this->supplier]))->assertSessionHas('say');
        $this->supplier->refresh();
    }

    private function cents(int $minor): int
    {
        $each = $this->stall->rateFrom('USD')->exactly(Money::of(1, 'USD'));

        return $minor * 100 > 0 ? (int) round($minor / $each->toFloat()) : 0;
    }

    private function text(int $cents): string
    {
        return '£'.number_format($this->stall->rateFrom('USD')->convert(Money::of($cents, 'USD'))->minor / 100, 2);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function terms(array $with): array
    {
        return $with + ['pays' => 'at_once', 'warnDays' => 3, 'billDays' => 30, 'mostPieces' => null, 'extras' => []];
    }

    /** @param  callable(list<array<string, mixed>>): bool  $holds  of what needs a person */
    private function assertDesk(callable $holds): void
    {
        self::assertTrue($holds($this->pageProps($this->get(route('counter', $this->stall)))['desk']['needs']));
    }
}
