<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Mail\OrdersLinkMail;
use WindowStall\Counter\Order;
use WindowStall\Counter\Own\OrdersLink;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Window\Policies\Particulars;

/** What shoppers do with their own orders: send back, change the address, cancel, find them again. */
final class ReturnsTest extends AppTestCase
{
    private Stall $stall;

    private Order $order;

    private Shopper $shopper;

    private int $line;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->travelTo('2026-11-30 10:00');
        $this->stall = $this->world->stall($this->signIn());
        Particulars::of($this->stall)->fill(['trader' => 'Ada Marl', 'street' => '4 Dyke Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 2QT'])->save();
        $variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
        $this->shopper = new Shopper($this, $this->stall);
        $this->order = $this->shopper->buy($variant, 2);
        $this->line = $this->order->lines()->firstOrFail()->id;
    }

    public function test_what_is_asked_for_comes_back_and_is_given_back_for_once(): void
    {
        $this->there();
        $this->page()->assertSee('Send something back')->assertSee('You may ask until 14 December 2026.');
        $this->ask([$this->line => 1]);
        $this->ask([$this->line => 1]);
        $return = OrderReturn::query()->sole();
        $this->page()->assertSee('You asked to send back 1 ×');
        $this->get(route('counter', $this->stall))->assertInertia(
            fn ($page) => $page
                ->where('desk.needs.0.kind', 'return')
                ->where('desk.needs.0.ways.0.data.to', 'Ada Marl, 4 Dyke Lane, Aldermere AL4 2QT')
                ->where('frame.toDecide', 1),
        );
        $this->answer($return, ['state' => 'awaited', 'to' => 'Bristol warehouse, 3 Dock Road'])->assertSessionHas('say');
        $this->page()->assertSee('Please send 1 ×')->assertSee('to Bristol warehouse, 3 Dock Road. Your money comes back once it is there.');
        self::assertSame(0, $this->order->refunds()->count());
        $this->answer($return, ['state' => 'arrived']);
        $this->answer($return, ['state' => 'arrived']);
        $refund = $this->order->refunds()->sole();
        self::assertSame(
            [1595, Bearer::Stall, ReturnState::Arrived, $refund->id, OrderState::Paid],
            [$refund->total_minor, $refund->bears, $return->refresh()->state, $return->refund_id, $this->order->refresh()->state],
        );
        self::assertSame(1, DB::table('order_mails')->where('kind', 'returned')->count(), 'money back is a mail of its own');
        $mail = new OrderLetter($this->order->id, $this->stall->id, TellKind::Returned, $return->id);
        $mail->assertSeeInText('came back; your money is on its way.');
        // The next return to that supplier begins with its address.
        $this->ask([$this->line => 1]);
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(
            fn ($page) => $page->where('order.returns.1.to', 'Bristol warehouse, 3 Dock Road'),
        );
    }

    public function test_what_came_broken_is_kept_with_its_delivery_back_at_the_suppliers_cost(): void
    {
        $this->there();
        $this->ask([$this->line => 1], 'broken');
        $this->answer(OrderReturn::query()->sole(), ['state' => 'kept', 'answer' => 'Keep it for seeds.']);
        $refund = $this->order->refunds()->sole();
        $cost = intdiv($this->order->supplierOrders()->firstOrFail()->goods_minor, 2);
        self::assertSame([1890, 295, Bearer::Supplier, $cost], [
            $refund->total_minor,
            $refund->figures['delivery'] ?? null,
            $refund->bears,
            $refund->borne_minor,
        ]);
        $this->page()->assertSee('You may keep 1 ×')->assertSee('Keep it for seeds.');
    }

    public function test_no_more_than_was_posted_no_later_than_the_law_has_it_and_nothing_of_anothers(): void
    {
        $this->ask([$this->line => 1]);
        self::assertSame(0, OrderReturn::query()->count(), 'nothing is posted');
        $this->there();
        foreach ([[$this->line => 3], [], [999_999 => 1], [$this->line => '-1'], [$this->line => 'x']] as $pieces) {
            $this->ask($pieces);
        }
        $this->travel(15)->days();
        $this->ask([$this->line => 1]);
        self::assertSame(0, OrderReturn::query()->count());
        $this->page()->assertDontSee('Send something back');
    }

    public function test_an_answer_cant_be_turned_round(): void
    {
        $this->there();
        $this->ask([$this->line => 1]);
        $return = OrderReturn::query()->sole();
        $this->answer($return, ['state' => 'awaited'])->assertSessionHasErrors(['said' => 'Say where it is to be sent.']);
        $this->answer($return, ['state' => 'asked'])->assertSessionHasErrors('said');
        $this->answer($return, ['state' => 'refused', 'answer' => 'It was worn.']);
        $this->answer($return, ['state' => 'kept'])->assertSessionHasErrors(['said' => 'This return is not taken back already.']);
        self::assertSame(0, $this->order->refunds()->count());
    }

    public function test_the_address_is_changed_until_it_is_sent_and_within_its_place(): void
    {
        $move = fn (array $with): \Illuminate\Testing\TestResponse => $this->shopper->send(
            'post',
            '/orders/'.$this->order->token.'/address',
            $with + ['name' => 'Ines Fennimore', 'street' => '9 Weir Lane', 'town' => 'Wexcombe', 'postcode' => 'wx2 3dd'],
        );
        $move([])->assertRedirect('/orders/'.$this->order->token.'?move=done#move');
        self::assertSame(['9 Weir Lane', 'WX2 3DD'], [$this->order->refresh()->street, $this->order->postcode]);
        $move(['postcode' => 'nonsense'])->assertRedirect('/orders/'.$this->order->token.'?move=late#move');
        $this->order->supplierOrders()->update(['sending_until' => now()->addMinute(), 'unsure' => true]);
        $move(['street' => '1 Too Late']);
        $this->order->supplierOrders()->update(['state' => State::Accepted]);
        $move(['street' => '2 Too Late']);
        self::assertSame('9 Weir Lane', $this->order->refresh()->street);
    }

    public function test_a_shopper_cancels_what_no_supplier_has_and_nothing_else(): void
    {
        $cancel = fn (): \Illuminate\Testing\TestResponse => $this->shopper->send('post', '/orders/'.$this->order->token.'/cancel');
        $this->order->supplierOrders()->update(['state' => State::Sent]);
        $cancel();
        self::assertSame(OrderState::Paid, $this->order->refresh()->state);
        $this->order->supplierOrders()->update(['state' => State::ToSend]);
        $cancel();
        $cancel();
        self::assertSame([OrderState::Refunded, 1], [$this->order->refresh()->state, $this->order->refunds()->count()]);
    }

    public function test_a_link_to_all_of_ones_orders_comes_by_mail_for_an_hour(): void
    {
        $this->shopper->send('post', '/orders', ['email' => 'nobody@there.example'])->assertRedirect('/orders?sent=1');
        Mail::assertNotQueued(OrdersLinkMail::class);
        $this->shopper->send('post', '/orders', ['email' => 'INES@fennimore.example']);
        Mail::assertQueued(OrdersLinkMail::class, static fn (OrdersLinkMail $mail): bool => $mail->hasTo('ines@fennimore.example'));
        $link = OrdersLink::to($this->stall, 'ines@fennimore.example');
        $this->get($link)->assertOk()->assertSee('/orders/'.$this->order->token);
        self::assertNull(OrdersLink::read($this->world->stall(), basename($link)), 'of another shop');
        $this->travel(61)->minutes();
        $this->get($link)->assertStatus(410)->assertSee('This link is over.');
        $this->get(substr($link, 0, -3).'abc')->assertStatus(410);
    }

    private function there(): void
    {
        $row = $this->order->supplierOrders()->firstOrFail();
        $row->update(['state' => State::Posted, 'posted_at' => now()]);
        Parcel::query()->create([
            'stall_id' => $this->stall->id,
            'order_id' => $this->order->id,
            'supplier_order_id' => $row->id,
            'connection_id' => $row->connection_id,
            'country' => 'GB',
            'number' => 1,
            'pieces' => [$this->line => 2],
            'carrier' => 'Longfurrow Parcels',
            'posted_at' => now(),
            'moved_at' => now(),
            'there_at' => now(),
        ]);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function page(): \Illuminate\Testing\TestResponse
    {
        return $this->shopper->send('get', '/orders/'.$this->order->token)->assertOk();
    }

    /** @param  array<int, mixed>  $pieces */
    private function ask(array $pieces, string $why = 'unwanted'): void
    {
        $this->shopper->send('post', '/orders/'.$this->order->token.'/returns', ['pieces' => $pieces, 'why' => $why])->assertRedirect();
    }

    /**
     * @param  array<string, string>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function answer(OrderReturn $return, array $with): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('counter.return', [$this->stall, $this->order, $return]), $with);
    }
}
