<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\Jobs\AskSupplier;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Standins\Oakum\News;
use WindowStall\Standins\Payment\Book;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** Something more into the parcel of an order that was paid: offered where it can be kept, ordered once, paid as the order was. */
final class AdditionTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $bought;

    private ListingVariant $other;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        Books::restock();
        $this->stall = $this->world->stall($this->signIn());
        $this->bought = $this->good('OD-1007', 'A kettle');
        $this->other = $this->good('OD-1008', 'A ladle');
        app(ChangeShelf::class)->make($this->stall, 'Kitchen', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['kitchen']]],
        ]);
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_it_goes_along_in_the_same_parcel_at_no_further_charge_and_is_paid_by_the_same_card(): void
    {
        $order = $this->shopper->buy($this->bought);
        $this->page($order)->assertSee('Into the same parcel')->assertSee('A ladle');
        $added = $this->add($order);
        self::assertSame(OrderState::Paid, $added->state, 'by the card that paid the order, with nothing to approve');
        self::assertSame([0, $order->id, $order->street], [$added->delivery_minor, $added->joins_order_id, $added->street]);
        $row = $added->supplierOrders->firstOrFail();
        $there = Books::table('orders')->where('id', $row->external_id)->firstOrFail();
        self::assertSame((int) $order->supplierOrders->firstOrFail()->external_id, (int) $there->joins);
        $own = Books::table('orders')->where('id', $there->joins)->firstOrFail();
        self::assertLessThan((int) $own->delivery, (int) $there->delivery, 'only what the parcel costs more');
        self::assertSame(
            $added->total_minor - OrderFigures::till($added)->keep->minor,
            OrderFigures::till($added)->goods->minor + OrderFigures::till($added)->delivery->minor
                + OrderFigures::till($added)->fee->minor + OrderFigures::till($added)->tax->minor,
        );
        News::post($own);
        foreach ([$order, $added] as $one) {
            AskSupplier::dispatch($one->supplierOrders()->firstOrFail()->id);
        }
        self::assertSame(
            $order->parcels()->firstOrFail()->tracking,
            $added->parcels()->firstOrFail()->tracking,
            'one parcel, two orders',
        );
        $this->page($added)->assertSee('It goes along in the parcel of')->assertDontSee('Into the same parcel');
    }

    public function test_pressed_twice_it_is_one(): void
    {
        $order = $this->shopper->buy($this->bought);
        $first = $this->add($order);
        $this->send($order, $this->other)->assertRedirect('/orders/'.$first->token);
        self::assertSame([2, 2], [
            Order::of($this->stall)->count(),
            Book::payments()->whereIn('reference', [$order->token, $first->token])->where('state', 'captured')->count(),
        ]);
    }

    public function test_a_card_whose_holder_is_asked_is_approved_once_more(): void
    {
        $order = $this->order();
        $this->shopper->pay($order, 'abroad');
        $this->send($order, $this->other);
        $added = $this->shopper->order();
        self::assertSame(OrderState::AwaitingPayment, $added->state);
        self::assertStringContainsString('/pay/', (string) $added->pay_at);
        self::assertSame(OrderState::Paid, $this->shopper->pay($added)->state);
    }

    public function test_it_is_offered_no_longer_than_both_wait(): void
    {
        $order = $this->shopper->buy($this->bought);
        $this->travel(16)->minutes();
        $this->page($order)->assertDontSee('Into the same parcel');
        $this->send($order, $this->other)->assertRedirect('/orders/'.$order->token.'?addition=over#addition');
        $this->minutes('60')->assertOk()->assertJsonPath('additionMinutes', 60);
        $this->page($order)->assertSee('Into the same parcel');
        $this->travel(15)->minutes();
        $this->page($order)->assertDontSee('Into the same parcel');
        self::assertSame(1, Order::of($this->stall)->count());
    }

    public function test_the_stall_may_offer_nothing(): void
    {
        foreach (['-1', '121', 'soon', ''] as $wrong) {
            $this->minutes($wrong)->assertUnprocessable();
        }
        $this->minutes('0')->assertOk()->assertJsonPath('additionsBy', ['Oakum Depot']);
        $this->page($this->shopper->buy($this->bought))->assertDontSee('Into the same parcel');
    }

    public function test_what_lies_in_another_warehouse_isnt_offered_and_cant_be_added(): void
    {
        $order = $this->shopper->buy($this->bought);
        $order->supplierOrders()->update(['packed_in' => json_encode(['DE'])]);
        $this->page($order)->assertDontSee('Into the same parcel');
        $this->send($order, $this->other)->assertRedirect('/orders/'.$order->token.'?addition=over#addition');
        $order->supplierOrders()->update(['packed_in' => json_encode(['DE', 'GB'])]);
        $this->page($order)->assertSee('Into the same parcel');
    }

    public function test_where_the_parcel_was_packed_meanwhile_it_goes_by_itself(): void
    {
        $order = $this->shopper->buy($this->bought);
        News::post(Books::table('orders')->firstOrFail());
        $added = $this->add($order);
        $row = $added->supplierOrders->firstOrFail();
        self::assertSame([State::Sent, 2], [$row->state, Books::table('orders')->count()]);
        $there = Books::table('orders')->where('id', $row->external_id)->firstOrFail();
        self::assertNull($there->joins);
        self::assertGreaterThan(0, $row->delivery_minor, 'at the stall’s cost');
        self::assertSame(0, $added->delivery_minor);
    }

    public function test_a_payment_service_that_is_away_charges_nothing_and_says_so(): void
    {
        $order = $this->shopper->buy($this->bought);
        Http::fake(['*/v1/payments' => Http::response([], 500)]);
        $this->send($order, $this->other)->assertRedirect('/orders/'.$order->token.'?addition=unpaid#addition');
        $this->get($this->stall->shopAddress('/orders/'.$order->token.'?addition=unpaid'))->assertSee('Nothing was added');
        self::assertSame(OrderState::AwaitingPayment, $this->shopper->order()->state);
    }

    private function good(string $item, string $title): ListingVariant
    {
        $id = (string) Books::table('variants')->where('item_id', $item)->orderBy('position')->value('id');
        Books::table('variants')->where('id', $id)->update(['stock' => json_encode(['GB' => 40])]);
        $listing = $this->world->inWindow($this->stall, Items::item([Items::variant($id, 610, 40)], $title, id: $item));

        return $this->world->say($listing, ListingPatch::none()->tags(['kitchen']))->variants()->firstOrFail();
    }

    /** @return TestResponse<Response> */
    private function page(Order $order): TestResponse
    {
        return $this->shopper->send('get', '/orders/'.$order->token)->assertOk();
    }

    /** @return TestResponse<Response> */
    private function send(Order $order, ListingVariant $variant): TestResponse
    {
        return $this->shopper->send('post', '/orders/'.$order->token.'/addition', ['variant' => $variant->id]);
    }

    /** Presses the button and follows where it leads. */
    private function add(Order $order): Order
    {
        $this->send($order, $this->other)->assertRedirect();
        $added = $this->shopper->order();
        self::assertNotSame($order->id, $added->id);
        $this->shopper->comeBack($added);

        return $added->refresh();
    }

    /** @return TestResponse<Response> */
    private function minutes(string $typed): TestResponse
    {
        return $this->putJson(route('counter.payment.addition', $this->stall), ['minutes' => $typed]);
    }

    private function order(): Order
    {
        $this->shopper->put($this->bought);
        $this->shopper->checkOut()->assertRedirect();

        return $this->shopper->order();
    }
}
