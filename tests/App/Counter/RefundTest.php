<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Order;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** Money back, once, and only while no supplier works on the order. */
final class RefundTest extends AppTestCase
{
    private Stall $stall;

    private Order $order;

    private Shopper $shopper;

    private int $supplierVariant;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake([SendSupplierOrder::class, \WindowStall\Bench\Jobs\FetchPictures::class]);
        $this->signIn();
        $this->stall = $this->world->stall();
        $variant = $this->world
            ->inWindow($this->stall, Items::item([Items::variant('refund')]))
            ->variants()
            ->firstOrFail();
        $this->supplierVariant = $variant->supplier_variant_id;
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->shopper = new Shopper($this, $this->stall);
        $this->order = $this->shopper->buy($variant, 2);
    }

    public function test_what_a_supplier_refused_is_given_back_once_and_the_shopper_sees_it(): void
    {
        $this->order->supplierOrders()->update(['state' => SupplierOrderState::Refused, 'refusal' => 'Sold out.']);
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(
            fn ($page) => $page->where('order.canRefund', true),
        );
        $this->refund()->assertSessionHas('say', 'The shopper has the money back.');
        self::assertSame([OrderState::Refunded, 'refunded'], [$this->order->refresh()->state, $this->paid()]);
        $this->shopper->send('get', '/orders/'.$this->order->token)->assertSee('went back the way it came.');
        $this->refund()->assertSessionHas('say', 'The shopper has the money back.');
        $this->refund(['key' => 'another'])->assertSessionHasErrors(['said' => 'This order is refunded already.']);
        self::assertSame(1, $this->order->refunds()->count());
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(
            fn ($page) => $page
                ->where('order.canRefund', false)
                ->where('order.strip.keeps.sign', -1)
                ->where('order.supplierOrders.0.canTryAgain', false),
        );
    }

    public function test_what_waits_to_be_sent_is_never_sent_after_a_refund(): void
    {
        self::assertSame(2, $this->promised());
        $this->refund();
        self::assertSame(0, $this->promised(), 'the two pieces can be sold again');
        (new SendSupplierOrder($this->order->supplierOrders()->firstOrFail()->id))->handle(
            app(\WindowStall\Counter\ApplyAnswer::class),
            app(\WindowStall\Print\Files\PrintOrders::class),
        );
        self::assertSame(
            [SupplierOrderState::Withdrawn, 0],
            [
                $this->order->supplierOrders()->firstOrFail()->state,
                $this->order->supplierOrders()->firstOrFail()->tries,
            ],
        );
    }

    public function test_what_a_supplier_has_is_given_back_for_and_stays_with_it(): void
    {
        $this->order->supplierOrders()->update(['state' => SupplierOrderState::Posted]);
        $line = $this->order->lines()->firstOrFail();
        $this->refund(['key' => 'one', 'pieces' => [$line->id => 1], 'delivery' => '1.00', 'why' => 'One came late.'])
            ->assertSessionHas('say', 'The shopper has £16.95 back.');
        self::assertSame([OrderState::Paid, 'captured', 1695], [$this->order->refresh()->state, $this->paid(), $this->back()]);
        self::assertSame(SupplierOrderState::Posted, $this->order->supplierOrders()->firstOrFail()->state);
        $credit = $this->order->papers()->where('kind', 'credit')->firstOrFail();
        self::assertSame([1695, 283], [$credit->said['total'], array_sum(array_column($credit->said['taxes'], 'tax'))]);
        $this->shopper->send('get', '/orders/'.$this->order->token)->assertSee('£16.95 of this order went back');
        $this->refund(['key' => 'two'])->assertSessionHas('say', 'The shopper has the money back.');
        self::assertSame([OrderState::Refunded, 'refunded', 3485], [$this->order->refresh()->state, $this->paid(), $this->back()]);
        self::assertSame(
            [3485, $this->order->tax_minor],
            [(int) $this->order->refunds()->sum('total_minor'), (int) $this->order->refunds()->sum('tax_minor')],
        );
    }

    public function test_the_same_wish_sent_twice_gives_back_once_and_more_than_is_left_is_refused_in_words(): void
    {
        $line = $this->order->lines()->firstOrFail();
        $wish = ['key' => 'same', 'pieces' => [$line->id => 1]];
        $this->refund($wish);
        $this->refund($wish);
        self::assertSame([1595, 1], [$this->back(), $this->order->refunds()->count()]);
        $this->refund(['key' => 'b', 'pieces' => [$line->id => 2]])
            ->assertSessionHasErrors(['said' => $line->name().': one piece is left to give back.']);
        $this->refund(['key' => 'c', 'delivery' => '2.96'])
            ->assertSessionHasErrors(['said' => 'Of the delivery, £2.95 is left to give back.']);
        $this->refund(['key' => 'd', 'besides' => '100'])
            ->assertSessionHasErrors(['said' => 'Besides that, £18.90 is left to give back.']);
        $this->refund(['key' => 'e', 'pieces' => []])->assertSessionHasErrors('said');
        $this->refund(['key' => 'f', 'besides' => 'lots'])->assertSessionHasErrors('said');
        self::assertSame(1595, $this->back());
    }

    public function test_a_piece_that_waits_to_be_sent_is_left_out_when_the_rest_is_sent(): void
    {
        $line = $this->order->lines()->firstOrFail();
        $this->refund(['key' => 'one', 'pieces' => [$line->id => 1]]);
        self::assertSame([1, 1], [$line->refresh()->toSend(), $this->promised()], 'one can be sold again');
        self::assertSame(SupplierOrderState::ToSend, $this->order->supplierOrders()->firstOrFail()->state);
    }

    public function test_what_a_refund_comes_to_is_said_before_with_what_the_order_keeps(): void
    {
        $line = $this->order->lines()->firstOrFail();
        $try = fn (array $with): mixed => $this->getJson(
            route('counter.refund.try', [$this->stall, $this->order] + $with),
        )->assertOk()->json();
        $said = $try(['pieces' => [$line->id => 1]]);
        self::assertSame(['£15.95', '£2.66', ''], [$said['total']['text'], $said['tax']['text'], $said['trouble']]);
        $kept = $said['keeps']['minor'];
        self::assertSame($kept + 500, $try(['pieces' => [$line->id => 1], 'bears' => 'supplier', 'borne' => '5.00'])['keeps']['minor']);
        self::assertSame($kept, $try(['pieces' => [$line->id => 1], 'borne' => '5.00'])['keeps']['minor'], 'the stall bears it itself');
        self::assertSame('Besides that, £34.85 is left to give back.', $try(['besides' => '40'])['trouble']);
        self::assertSame(0, $this->back(), 'nothing was given');
    }

    public function test_a_refund_that_timed_out_after_it_was_made_is_made_once(): void
    {
        $line = $this->order->lines()->firstOrFail();
        $this->refund(['key' => 'slow', 'pieces' => [$line->id => 1]]);
        $refund = $this->order->refunds()->firstOrFail();
        // As it stands when the answer was lost: made there, not known here.
        $refund->update(['done_at' => null]);
        DB::table('order_mails')->where('kind', 'refunded')->delete();
        $this->order->papers()->where('kind', 'credit')->delete();
        $this->travel(1)->hours();
        SweepSupplierOrders::dispatchSync();
        SweepSupplierOrders::dispatchSync();
        self::assertSame([1595, true], [$this->back(), $refund->refresh()->done_at !== null]);
        self::assertSame(1, $this->order->papers()->where('kind', 'credit')->count());
    }

    public function test_a_payment_service_that_is_away_is_asked_again_and_nothing_is_sent_meanwhile(): void
    {
        $address = config('stall.payment.address');
        config(['stall.payment.address' => 'http://payment.standins.localhost:9']);
        $this->refund()->assertSessionHas('say', '£34.85 is on its way back.');
        self::assertSame(
            [OrderState::Refunding, 'captured', 0],
            [$this->order->refresh()->state, $this->paid(), $this->promised()],
        );
        $this->shopper->send('get', '/orders/'.$this->order->token)->assertSee('goes back the way it came.');
        $this->refund(['key' => 'another'])->assertSessionHasErrors(['said' => 'This order is refunded already.']);
        config(['stall.payment.address' => $address]);
        $this->travel(SweepSupplierOrders::SILENCE + 5)->seconds();
        SweepSupplierOrders::dispatchSync();
        self::assertSame([OrderState::Refunded, 'refunded'], [$this->order->refresh()->state, $this->paid()]);
    }

    public function test_a_stale_page_can_not_send_again_what_was_refunded(): void
    {
        $row = $this->order->supplierOrders()->firstOrFail();
        $this->refund();
        $this->post(route('counter.again', [$this->stall, $this->order]), [
            'supplierOrder' => $row->id,
        ])->assertSessionHasErrors(['said' => 'This order was refunded; nothing of it is sent any more.']);
        self::assertSame(SupplierOrderState::Withdrawn, $row->refresh()->state);
    }

    public function test_what_is_being_sent_or_may_have_arrived_is_not_refunded(): void
    {
        $row = $this->order->supplierOrders()->firstOrFail();
        $row->update(['sending_until' => now()->addMinute(), 'unsure' => true]);
        $this->refund()->assertSessionHasErrors([
            'said' => 'It is being sent to Oakum Depot this moment. Look again in a minute.',
        ]);
        $row->update(['sending_until' => null, 'next_try_at' => '2027-01-01 10:30:00']);
        $this->refund()->assertSessionHasErrors([
            'said' => 'Oakum Depot may have this order: it was sent and no answer came. It is asked again at 10:30; '.
                'refund it once that is known.',
        ]);
        self::assertSame(
            [OrderState::Paid, 'captured', 2],
            [$this->order->refresh()->state, $this->paid(), $this->promised()],
        );
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function refund(array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('counter.refund', [$this->stall, $this->order]), $with)->assertRedirect();
    }

    /** @phpstan-impure */
    private function paid(): mixed
    {
        return DB::connection('payment')->table('payments')->where('id', $this->order->payment_id)->value('state');
    }

    /** @phpstan-impure */
    private function back(): int
    {
        return (int) DB::connection('payment')->table('payments')->where('id', $this->order->payment_id)->value('refunded');
    }

    /** @phpstan-impure */
    private function promised(): int
    {
        return SupplierVariant::query()->findOrFail($this->supplierVariant)->promised;
    }
}
