<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use WindowStall\Core\Dispatch\Asking\WishState;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Asking\CarryOver;
use WindowStall\Counter\Asking\RequestMessage;
use WindowStall\Counter\Asking\SupplierOffer;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Counter\Jobs\CarryRequest;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Source\Account\BoughtAhead;
use WindowStall\Source\Account\ReadAccount;
use WindowStall\Source\SupplierAccount;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Standins\Oakum\Requests;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Policies\Particulars;

/** Asking a supplier for what it doesn't list: each thing once, and what it offers becomes what it says. */
final class AskingTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    private SupplierVariant $variant;

    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
        $id = (string) Books::table('variants')->where('item_id', 'OD-1002')->orderBy('position')->value('id');
        Books::table('variants')->where('id', $id)->update(['stock' => json_encode(['GB' => 20]), 'cost' => 560]);
        $this->stall = $this->world->stall($this->signIn());
        $this->supplier = $this->world->pull($this->stall, Items::item([Items::variant($id, 560)], id: 'OD-1002'));
        $this->variant = SupplierVariant::query()->where('external_id', $id)->firstOrFail();
        Particulars::of($this->stall)->fill([
            'trader' => 'Quillet', 'street' => '2 Mill Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 7QT',
        ])->save();
    }

    public function test_goods_not_in_its_range_are_asked_for_once_and_become_an_item(): void
    {
        $key = (string) Str::uuid();
        foreach ([1, 2] as $time) {
            $this->ask(['kind' => 'goods', 'key' => $key, 'wished' => '3.00', 'pieces' => 50, 'link' => 'https://allotments.example/dibber'])
                ->assertSessionHasNoErrors();
        }
        $request = SupplierRequest::query()->sole();
        self::assertSame(WishState::Asked, $request->state);
        $there = Books::table('requests')->sole();
        $about = json_decode($there->about, true);
        self::assertSame([50, 'https://allotments.example/dibber'], [$about['pieces'], $about['link']]);
        // Turned back it is what was wished for, to the half of a cent.
        $back = $this->stall->rateFrom('USD')->convert(Money::of($about['wished'], 'USD'));
        self::assertEqualsWithDelta(300, $back->minor, 1);
        Requests::offer((int) $there->id, 410, 50, 0, 12, 'Ash, as in your picture', ['title' => 'Dibber of ash', 'like' => 'OD-1001']);
        $this->carry($request);
        $page = fn (Page $page): Page => $page->where('asked.offers.0.state', 'open')
            ->where('asked.offers.0.figures.0', fn (string $words): bool => str_contains($words, 'above the £3.00 you wished for'));
        $this->get(route('counter.asked', [$this->stall, $request]))->assertInertia($page);
        $this->take($request);
        $item = SupplierItem::query()->where('external_id', SupplierOffer::query()->sole()->item)->firstOrFail();
        self::assertSame(['Dibber of ash', 410], [$item->title, $item->variants()->sole()->cost_minor]);
        self::assertSame(WishState::Taken, $request->refresh()->state);
        $other = Http::withToken('oakum-second-key')->get(config('stall.oakum.address').'/v1/items/'.$item->external_id);
        self::assertSame(404, $other->status(), 'made for one stall, nobody else sees it');
    }

    public function test_a_change_makes_an_item_of_its_own_at_so_much_more(): void
    {
        $this->ask(['kind' => 'change', 'item' => $this->variant->supplier_item_id, 'words' => 'Our beetroot on the handle, please.']);
        $request = SupplierRequest::query()->sole();
        Requests::offer($this->number($request), 90, 100, 2_500, 10, 'With your logo burnt in', []);
        $this->carry($request);
        $this->take($request);
        $item = SupplierItem::query()->where('external_id', SupplierOffer::query()->sole()->item)->firstOrFail();
        self::assertStringEndsWith('with your logo burnt in', $item->title);
        self::assertSame(560 + 90, (int) $item->variants()->orderBy('position')->firstOrFail()->cost_minor);
    }

    public function test_a_sample_goes_to_the_stall_itself_as_an_order_of_theirs(): void
    {
        $this->ask(['kind' => 'sample', 'item' => $this->variant->supplier_item_id, 'variant' => $this->variant->id]);
        $request = SupplierRequest::query()->sole();
        Requests::offer($this->number($request), 200, 1, 0, 2, 'One for you', []);
        $this->carry($request);
        $this->take($request);
        $order = Books::table('orders')->sole();
        self::assertSame(['Quillet', 200], [json_decode($order->address, true)['name'], (int) $order->goods]);
        $this->play('orders/'.$order->id, 'post');
        $this->hooked((int) $order->id)->assertOk();
        self::assertStringStartsWith('posted with', SupplierOffer::query()->sole()->order_stands);
        self::assertNull($request->refresh()->next_ask_at, 'nothing more is to come');
    }

    public function test_pieces_bought_ahead_are_used_up_first_at_their_cost(): void
    {
        $this->ask(['kind' => 'ahead', 'item' => $this->variant->supplier_item_id, 'variant' => $this->variant->id, 'pieces' => 3]);
        $request = SupplierRequest::query()->sole();
        Requests::offer($this->number($request), 400, 3, 0, 1, 'Three for you', []);
        $this->carry($request);
        $this->get(route('counter.asked', [$this->stall, $request]))->assertInertia(fn (Page $page): Page => $page
            ->where('asked.offers.0.figures.1', 'None were sold in the last 28 days, so nobody can say how long they last.'));
        $this->take($request);
        $lot = BoughtAhead::query()->sole();
        self::assertSame([3, 3, 400], [$lot->pieces, $lot->left, $lot->cost_minor]);
        $listing = $this->world->inWindow($this->stall, Items::item([Items::variant($this->variant->external_id, 560)], id: 'OD-1002'));
        $order = (new Shopper($this, $this->stall))->buy($listing->variants()->firstOrFail(), 4);
        $sent = $order->supplierOrders()->sole();
        // Three at $4.00 and one at $5.60.
        $expected = $this->stall->rateFrom('USD');
        $of = static fn (int $cents): int => $expected->convert(Money::of($cents, 'USD'))->minor;
        self::assertSame(3 * $of(400) + $of(560), $sent->expected_goods_minor);
        self::assertSame($of(3 * 400 + 560), $sent->refresh()->goods_minor, 'and that is what it says');
        app(ReadAccount::class)($this->supplier->refresh());
        self::assertSame(0, BoughtAhead::query()->sole()->left);
    }

    public function test_what_is_written_goes_over_once_and_answers_come_back_once(): void
    {
        $this->ask(['kind' => 'goods']);
        $request = SupplierRequest::query()->sole();
        $key = (string) Str::uuid();
        foreach ([1, 2] as $time) {
            $this->post(route('counter.asked.write', [$this->stall, $request]), ['words' => 'In ash, if you can.', 'key' => $key])
                ->assertSessionHasNoErrors();
        }
        Requests::write($this->number($request), 'oakum', 'We can.');
        $this->carry($request);
        $this->carry($request);
        self::assertSame(
            ['In ash, if you can.', 'We can.'],
            $request->messages()->orderBy('id')->pluck('words')->all(),
        );
        self::assertSame(3, Books::table('messages')->count(), 'the request’s own words, ours and theirs');
        $this->get(route('counter.asking', $this->stall))->assertInertia(fn (Page $page): Page => $page->where('requests.0.new', true));
        $this->get(route('counter.asked', [$this->stall, $request]));
        $this->get(route('counter.asking', $this->stall))->assertInertia(fn (Page $page): Page => $page->where('requests.0.new', false));
    }

    public function test_an_answer_lost_in_the_middle_makes_nothing_twice(): void
    {
        Queue::fake([CarryRequest::class]);
        $this->ask(['kind' => 'sample', 'item' => $this->variant->supplier_item_id, 'variant' => $this->variant->id]);
        $request = SupplierRequest::query()->sole();
        $wish = ['kind' => 'sample', 'variant' => $this->variant->external_id, 'pieces' => 1, 'words' => $request->words];
        // It got there, and whoever sent it was killed before it wrote that down.
        Http::withToken('oakum-quillet-key')
            ->withHeaders(['Idempotency-Key' => $request->key])
            ->post(config('stall.oakum.address').'/v1/requests', $wish + ['item' => 'OD-1002'])
            ->throw();
        $this->carry($request);
        self::assertSame(1, Books::table('requests')->count());
        Requests::offer($this->number($request), 200, 1, 0, 2, 'One for you', []);
        $this->carry($request);
        $offer = SupplierOffer::query()->sole();
        $this->post(route('counter.asked.take', [$this->stall, $request]), ['offer' => $offer->id])->assertSessionHas('say');
        $this->post(route('counter.asked.take', [$this->stall, $request]), ['offer' => $offer->id])
            ->assertSessionHasErrors(['said' => 'That offer doesn’t stand any more, or is taken already.']);
        $this->carry($request->refresh());
        SupplierOffer::query()->update(['state' => 'open']);
        $this->carry($request->refresh());
        self::assertSame(1, Books::table('orders')->count());
    }

    public function test_who_cant_pay_keeps_the_offer_and_reads_why(): void
    {
        Books::table('accounts')->where('key', 'oakum-quillet-key')->update(['balance' => 500]);
        $this->ask(['kind' => 'ahead', 'item' => $this->variant->supplier_item_id, 'variant' => $this->variant->id, 'pieces' => 3]);
        $request = SupplierRequest::query()->sole();
        Requests::offer($this->number($request), 400, 3, 0, 1, 'Three for you', []);
        $this->carry($request);
        $this->post(route('counter.asked.take', [$this->stall, $request]), ['offer' => SupplierOffer::query()->sole()->id]);
        self::assertStringContainsString('Your balance is $5.00, and this comes to $12.00.', (string) $request->refresh()->trouble);
        self::assertNull(SupplierOffer::query()->sole()->wanted_at, 'it can be taken later');
        self::assertSame(500, (int) Books::table('accounts')->where('key', 'oakum-quillet-key')->value('balance'));
    }

    public function test_what_cant_be_asked_is_said(): void
    {
        $this->ask(['kind' => 'sample'])->assertSessionHasErrors(['said' => 'Say which of their goods.']);
        $this->ask(['kind' => 'change'])->assertSessionHasErrors(['said' => 'Say which of their goods is to be changed.']);
        $this->ask(['kind' => 'goods', 'words' => '', 'link' => 'javascript:alert(1)', 'pieces' => 0, 'wished' => 'cheap'])
            ->assertSessionHasErrors(['words', 'link', 'pieces']);
        $this->ask(['kind' => 'goods', 'wished' => 'cheap'])->assertSessionHasErrors('wished');
        Particulars::of($this->stall)->fill(['street' => null])->save();
        $this->ask(['kind' => 'sample', 'item' => $this->variant->supplier_item_id, 'variant' => $this->variant->id])
            ->assertSessionHasErrors(['said' => 'A sample needs your own address. Fill it in under “Who sells” in Window first.']);
        self::assertSame(0, SupplierRequest::query()->count());
        $this->supplier->update(['disconnected_at' => now()]);
        $this->ask(['kind' => 'goods'])->assertNotFound();
        $this->supplier->update(['kind' => 'feed', 'disconnected_at' => null]);
        $this->ask(['kind' => 'goods'])->assertSessionHasErrors('said');
    }

    public function test_it_is_looked_after_by_itself_until_it_is_over(): void
    {
        $jobs = Queue::fake([CarryRequest::class]);
        $this->ask(['kind' => 'goods']);
        $request = SupplierRequest::query()->sole();
        $this->carry($request);
        self::assertTrue($request->refresh()->next_ask_at?->isFuture());
        $before = $jobs->pushed(CarryRequest::class)->count();
        cache()->flush();
        $this->travel(3)->minutes();
        SweepSupplierOrders::dispatchSync();
        self::assertCount($before + 1, $jobs->pushed(CarryRequest::class));
        $this->supplier->update(['disconnected_at' => now()]);
        $this->carry($request->refresh());
        self::assertNull($request->refresh()->next_ask_at, 'nobody is asked who isn’t connected any more');
        $this->supplier->update(['disconnected_at' => null]);
        $this->put(route('counter.asked.close', [$this->stall, $request]), ['closed' => true])->assertSessionHas('say');
        Requests::decline($this->number($request), 'We can’t.');
        $this->carry($request->refresh());
        self::assertSame(WishState::Closed, $request->refresh()->state, 'what isn’t wanted any more stays so');
        self::assertSame('We can’t.', RequestMessage::query()->sole()->words, 'and what they say is kept');
        $this->put(route('counter.asked.close', [$this->stall, $request]), ['closed' => true])->assertSessionHasErrors('said');
        $again = fn () => $this->put(route('counter.asked.close', [$this->stall, $request]), ['closed' => false]);
        $again()->assertSessionHas('say', 'It is asked for again.');
        $again()->assertSessionHasErrors(['said' => 'It is asked for already.']);
    }

    /**
     * News of an order of theirs.
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function hooked(int $order): \Illuminate\Testing\TestResponse
    {
        $this->travel(2)->minutes();
        $account = SupplierAccount::of('oakum', $this->supplier->address, 'oakum-quillet-key');
        $this->supplier->update(['account' => $account->id]);
        $body = json_encode(['event' => 'e1', 'kind' => 'order.posted', 'order' => [
            'id' => $order, 'state' => 'posted', 'goods' => 200, 'delivery' => 0, 'currency' => 'USD',
        ]], JSON_THROW_ON_ERROR);
        $time = (string) time();

        return $this->call('POST', route('hooks.supplier', $account->id), server: $this->transformHeadersToServerVars([
            'Oakum-Time' => $time,
            'Oakum-Signature' => hash_hmac('sha256', $time.'.'.$body, str_repeat('s', 40)),
            'Content-Type' => 'application/json',
        ]), content: $body);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function ask(array $with): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('counter.asking.ask', $this->stall), $with + [
            'key' => (string) Str::uuid(),
            'supplier' => $this->supplier->id,
            'words' => 'A dibber of ash, please.',
        ]);
    }

    private function number(SupplierRequest $request): int
    {
        return (int) $request->refresh()->external_id;
    }

    private function carry(SupplierRequest $request): void
    {
        $this->travel(2)->minutes();
        (new CarryRequest($request->id))->handle(app(CarryOver::class));
    }

    private function take(SupplierRequest $request): void
    {
        $offer = $request->offers()->where('state', 'open')->sole();
        $this->post(route('counter.asked.take', [$this->stall, $request]), ['offer' => $offer->id])->assertSessionHas('say');
    }
}
