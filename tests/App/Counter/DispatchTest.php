<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

final class DispatchTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
        $id = (string) Books::table('variants')->where('item_id', 'OD-1007')->orderBy('position')->value('id');
        $this->stall = $this->world->stall();
        $this->variant = $this->world
            ->inWindow($this->stall, Items::item([Items::variant($id, 610, 40)]))
            ->variants()
            ->firstOrFail();
    }

    public function test_paying_sends_one_order_and_the_profit_is_from_what_was_really_charged(): void
    {
        $order = $this->buy(2);
        $sent = $order->supplierOrders->firstOrFail();
        self::assertSame([State::Sent, true, 1], [$sent->state, $sent->cost_confirmed, $this->atOakum()]);
        $oakum = Books::table('orders')->firstOrFail();
        self::assertSame(['Order '.$order->number, (string) $oakum->id], [$oakum->reference, $sent->external_id]);
        $rate = $this->stall->rateFrom('USD');
        self::assertSame(
            $rate->convert(\WindowStall\Core\Money\Money::of($oakum->delivery, 'USD'))->minor,
            $sent->delivery_minor,
            'one parcel for two pieces, as the supplier charged',
        );
        $till = OrderFigures::till($order);
        self::assertSame(
            $order->total_minor,
            $till->goods->minor + $till->delivery->minor + $till->fee->minor + $till->tax->minor + $till->keep->minor,
        );
        self::assertTrue(OrderFigures::confirmed($order));
    }

    public function test_an_order_is_sent_once_however_often_it_is_tried(): void
    {
        $order = $this->buy();
        $row = $order->supplierOrders->firstOrFail();
        SendSupplierOrder::dispatch($row->id);
        self::assertSame(1, $this->atOakum());
        // As if the answer had been lost on the way: sent there, unknown here.
        $row->update(['state' => State::ToSend, 'external_id' => null]);
        SendSupplierOrder::dispatch($row->id);
        self::assertSame(1, $this->atOakum());
        self::assertSame(State::Sent, $row->refresh()->state);
    }

    public function test_a_supplier_that_is_away_is_tried_again_later(): void
    {
        $connection = $this->connection();
        $address = $connection->address;
        $connection->update(['address' => 'http://oakum.standins.localhost:9']);
        $row = $this->buy()->supplierOrders->firstOrFail();
        self::assertSame([State::ToSend, 1], [$row->state, $row->tries]);
        self::assertNotNull($row->next_try_at);
        self::assertStringContainsString('Nothing answers', (string) $row->trouble);
        $connection->update(['address' => $address]);
        $this->sweep();
        self::assertSame(State::ToSend, $row->refresh()->state, 'not before its time');
        $this->travel(2)->minutes();
        $this->sweep();
        self::assertSame([State::Sent, null], [$row->refresh()->state, $row->trouble]);
    }

    public function test_a_refusal_is_shown_with_the_suppliers_reason_and_can_be_tried_again(): void
    {
        $this->signIn();
        $id = $this->variant->external_id;
        // Their count is asked before the money is taken, so it has to sell out right after.
        Http::fake(['*/v1/stock*' => Http::response(['stock' => [$id => ['GB' => 40]]])]);
        Books::table('variants')
            ->where('id', $id)
            ->update(['stock' => json_encode(['GB' => 0])]);
        $order = $this->buy();
        $row = $order->supplierOrders->firstOrFail();
        self::assertSame(State::Refused, $row->state);
        self::assertStringContainsString('sold out: 1 asked for, 0 left', (string) $row->refusal);
        $this->get(route('counter.order', [$this->stall, $order]))->assertInertia(
            fn ($page) => $page
                ->where('order.supplierOrders.0.canTryAgain', true)
                ->where('order.supplierOrders.0.promised', $order->load('lines')->promised($row)),
        );
        Books::table('variants')
            ->where('id', $id)
            ->update(['stock' => json_encode(['GB' => 5])]);
        $this->post(route('counter.again', [$this->stall, $order]), ['supplierOrder' => $row->id])->assertRedirect();
        self::assertSame(State::Sent, $row->refresh()->state);
    }

    public function test_signed_news_moves_the_order_and_brings_the_tracking(): void
    {
        $row = $this->buy()->supplierOrders->firstOrFail();
        $this->news($row, 'e1', 'accepted')->assertOk();
        self::assertSame(State::Accepted, $row->refresh()->state);
        $this->news($row, 'e2', 'posted', ['carrier' => 'Longfurrow Parcels', 'tracking' => 'LF1GB'])->assertOk();
        self::assertSame(
            [State::Posted, 'Longfurrow Parcels', 'LF1GB'],
            [$row->refresh()->state, $row->carrier, $row->tracking],
        );
        $token = $row->order?->token;
        $this->get($this->stall->shopAddress('/orders/'.$token))->assertSee('LF1GB');
    }

    public function test_replayed_and_late_news_changes_nothing(): void
    {
        $row = $this->buy()->supplierOrders->firstOrFail();
        $this->news($row, 'e2', 'posted', ['tracking' => 'LF1GB'])->assertOk();
        $posted = $row->refresh()->posted_at;
        $this->travel(1)->minutes();
        $this->news($row, 'e2', 'posted', ['tracking' => 'LF9GB'])->assertOk();
        $this->news($row, 'e1', 'accepted')->assertOk();
        self::assertEquals(
            [State::Posted, 'LF1GB', $posted],
            [$row->refresh()->state, $row->tracking, $row->posted_at],
        );
    }

    /** @return iterable<string, array{list<string>}> every order of news in which each comes twice, some drawn by chance */
    public static function orders(): iterable
    {
        $told = ['e1 accepted', 'e2 posted', 'e3 accepted', 'e1 accepted', 'e2 posted', 'e4 posted', 'e3 accepted'];
        yield 'as it happened' => [$told];
        yield 'the last first' => [array_reverse($told)];
        foreach (range(1, 6) as $seed) {
            mt_srand($seed);
            usort($told, static fn (): int => mt_rand(-1, 1));
            yield 'drawn '.$seed => [$told];
        }
    }

    /** @param  list<string>  $told */
    #[DataProvider('orders')]
    public function test_news_in_whatever_order_and_however_often_leaves_the_same(array $told): void
    {
        $row = $this->buy()->supplierOrders->firstOrFail();
        $cost = [$row->goods_minor, $row->delivery_minor];
        $firstPosted = null;
        foreach ($told as $news) {
            [$id, $state] = explode(' ', $news);
            $facts = $state === 'posted' ? ['carrier' => 'Longfurrow Parcels', 'tracking' => 'LF-'.$id] : [];
            $this->news($row, $id, $state, $facts)->assertOk();
            $firstPosted ??= $state === 'posted' ? 'LF-'.$id : null;
        }
        self::assertSame(
            [State::Posted, $firstPosted, $cost],
            [$row->refresh()->state, $row->tracking, [$row->goods_minor, $row->delivery_minor]],
        );
        self::assertSame([1, 4], [
            $this->atOakum(),
            DB::table('supplier_events')->where('connection_id', $row->connection_id)->count(),
        ]);
        self::assertSame(1, SupplierOrder::query()->where('order_id', $row->order_id)->count());
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function forgeries(): iterable
    {
        yield 'another secret' => [['Oakum-Signature' => hash_hmac('sha256', 'x', 'y')]];
        yield 'no signature' => [['Oakum-Signature' => '']];
        yield 'an hour old' => [['Oakum-Time' => (string) (time() - 3600)]];
        yield 'no time' => [['Oakum-Time' => 'soon']];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('forgeries')]
    public function test_forged_or_stale_news_is_refused(array $headers): void
    {
        $row = $this->buy()->supplierOrders->firstOrFail();
        $this->news($row, 'e1', 'posted', headers: $headers)->assertForbidden();
        self::assertSame(State::Sent, $row->refresh()->state);
    }

    public function test_news_of_an_order_that_isnt_there_is_asked_for_again_and_taken_once_it_is(): void
    {
        $row = $this->buy()->supplierOrders->firstOrFail();
        $known = (string) $row->external_id;
        $row->forceFill(['external_id' => null])->save();
        $early = fn (): TestResponse => $this->news((clone $row)->forceFill(['external_id' => $known]), 'e1', 'posted', ['tracking' => 'LF9']);
        $early()->assertStatus(409);
        self::assertSame(State::Sent, $row->refresh()->state);
        self::assertSame(0, DB::table('supplier_events')->count(), 'it isn’t taken as read');
        $row->update(['external_id' => $known]);
        $early()->assertOk();
        $early()->assertOk();
        self::assertSame([State::Posted, 'LF9'], [$row->refresh()->state, $row->tracking]);
    }

    public function test_news_with_a_changed_body_is_refused(): void
    {
        $row = $this->buy()->supplierOrders->firstOrFail();
        $time = (string) time();
        $signature = hash_hmac(
            'sha256',
            $time.'.'.$this->body($row, 'e1', 'accepted'),
            $this->connection()->secrets['hook'],
        );
        $this->hook($this->body($row, 'e1', 'posted'), [
            'Oakum-Time' => $time,
            'Oakum-Signature' => $signature,
        ])->assertForbidden();
        $this->call(
            'POST',
            route('hooks.supplier', '00000000-0000-4000-8000-000000000000'),
            content: '{}',
        )->assertForbidden();
    }

    public function test_when_news_is_lost_the_supplier_is_asked(): void
    {
        $order = $this->buy();
        $row = $order->supplierOrders->firstOrFail();
        Books::set('hold_news', '1');
        $this->play('orders/'.$row->external_id, 'post');
        $this->sweep();
        self::assertSame(State::Sent, $row->refresh()->state, 'not while news may still come');
        $this->travel(SweepSupplierOrders::SILENCE + 5)->seconds();
        $this->sweep();
        self::assertSame(State::Posted, $row->refresh()->state);
        self::assertNotNull($row->tracking);
    }

    public function test_the_counter_lists_orders_with_what_each_keeps(): void
    {
        $this->signIn();
        $order = $this->buy();
        $this->get(route('counter.orders', $this->stall))
            ->assertOk()
            ->assertInertia(
                fn ($page) => $page
                    ->where('orders.0.number', $order->number)
                    ->where('orders.0.costConfirmed', true)
                    ->where('orders.0.stateWords', 'sent to the supplier'),
            );
        $this->get(route('counter.order', [$this->stall, $order]))
            ->assertOk()
            ->assertInertia(
                fn ($page) => $page
                    ->where('order.strip.keeps.sign', 1)
                    ->where('order.supplierOrders.0.canTryAgain', false),
            );
    }

    private function buy(int $quantity = 1): Order
    {
        return (new Shopper($this, $this->stall))->buy($this->variant, $quantity)->load('supplierOrders');
    }

    /** @phpstan-impure how many orders Oakum has */
    private function atOakum(): int
    {
        return Books::table('orders')->count();
    }

    private function connection(): SupplierConnection
    {
        return SupplierConnection::of($this->stall)->firstOrFail();
    }

    private function sweep(): void
    {
        SweepSupplierOrders::dispatchSync();
    }

    /**
     * @param  array<string, string>  $facts
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    private function news(
        SupplierOrder $row,
        string $event,
        string $state,
        array $facts = [],
        array $headers = [],
    ): TestResponse {
        $body = $this->body($row, $event, $state, $facts);
        $time = $headers['Oakum-Time'] ?? (string) time();

        return $this->hook(
            $body,
            $headers + [
                'Oakum-Time' => $time,
                'Oakum-Signature' => hash_hmac('sha256', $time.'.'.$body, $this->connection()->secrets['hook']),
            ],
        );
    }

    /** @param  array<string, string>  $facts */
    private function body(SupplierOrder $row, string $event, string $state, array $facts = []): string
    {
        return json_encode(
            [
                'event' => $event,
                'kind' => 'order.'.$state,
                'order' => $facts + [
                    'id' => (int) $row->external_id,
                    'reference' => 'x',
                    'state' => $state,
                    'goods' => 610,
                    'delivery' => 228,
                    'currency' => 'USD',
                ],
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    private function hook(string $body, array $headers): TestResponse
    {
        return $this->call(
            'POST',
            route('hooks.supplier', $this->connection()->public_id),
            server: $this->transformHeadersToServerVars($headers + ['Content-Type' => 'application/json']),
            content: $body,
        );
    }
}
