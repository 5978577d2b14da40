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
        $this->refund()->assertSessionHasErrors(['said' => 'This order is refunded already.']);
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(
            fn ($page) => $page
                ->where('order.canRefund', false)
                ->where('order.sale', null)
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
        );
        self::assertSame(
            [SupplierOrderState::Refused, 0],
            [
                $this->order->supplierOrders()->firstOrFail()->state,
                $this->order->supplierOrders()->firstOrFail()->tries,
            ],
        );
    }

    public function test_once_a_supplier_works_on_it_there_is_no_whole_refund(): void
    {
        foreach ([SupplierOrderState::Sent, SupplierOrderState::Accepted, SupplierOrderState::Posted] as $state) {
            $this->order->supplierOrders()->update(['state' => $state]);
            $this->refund()->assertSessionHasErrors([
                'said' => 'A supplier has this order already, so it can’t be refunded as a whole.',
            ]);
        }
        self::assertSame([OrderState::Paid, 'captured'], [$this->order->refresh()->state, $this->paid()]);
    }

    public function test_a_payment_service_that_is_away_is_asked_again_and_nothing_is_sent_meanwhile(): void
    {
        $address = config('stall.payment.address');
        config(['stall.payment.address' => 'http://payment.standins.localhost:9']);
        $this->refund()->assertSessionHas('say', 'Nothing is sent any more; the money is on its way back.');
        self::assertSame(
            [OrderState::Refunding, 'captured', 0],
            [$this->order->refresh()->state, $this->paid(), $this->promised()],
        );
        $this->shopper->send('get', '/orders/'.$this->order->token)->assertSee('goes back the way it came.');
        $this->refund()->assertSessionHasErrors(['said' => 'This order is refunded already.']);
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
        self::assertSame(SupplierOrderState::Refused, $row->refresh()->state);
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

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function refund(): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('counter.refund', [$this->stall, $this->order]))->assertRedirect();
    }

    /** @phpstan-impure */
    private function paid(): mixed
    {
        return DB::connection('payment')->table('payments')->where('id', $this->order->payment_id)->value('state');
    }

    /** @phpstan-impure */
    private function promised(): int
    {
        return SupplierVariant::query()->findOrFail($this->supplierVariant)->promised;
    }
}
