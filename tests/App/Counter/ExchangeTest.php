<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\Instead;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** Other pieces for what comes back: a new order that the credit pays for, so that no money moves and all adds up. */
final class ExchangeTest extends AppTestCase
{
    private Stall $stall;

    private Order $order;

    private Shopper $shopper;

    private ListingVariant $other;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->stall = $this->world->stall($this->signIn());
        $listing = $this->world->inWindow($this->stall, Items::item([
            Items::variant('a', 540, 12),
            Items::variant('b', 540, 12, 'CPR-02'),
        ]));
        $this->world->supplierSays(500);
        $variants = $listing->variants()->orderBy('id')->get();
        $this->other = $listing->variants()->orderByDesc('id')->firstOrFail();
        $this->shopper = new Shopper($this, $this->stall);
        $this->order = $this->shopper->buy($variants->firstOrFail(), 2)->refresh();
        $this->there();
    }

    public function test_a_piece_is_exchanged_for_another_at_no_charge_once_and_the_books_add_up(): void
    {
        $return = $this->ask(1);
        self::assertSame([$this->line() => $this->other->id], $return->instead);
        $promised = $this->promised();
        $this->answer($return, 'exchanged')->assertSessionHas('say', 'Order '.($this->order->number + 1).' goes out for it.');
        $this->answer($return, 'exchanged');
        $new = Order::query()->where('exchange_of', $this->order->id)->sole();
        $credit = Refund::query()->sole();
        self::assertSame(
            [OrderState::Paid, $credit->total_minor, $credit->tax_minor, 0, $this->order->email],
            [$new->state, $new->total_minor, $new->tax_minor, $new->delivery_minor, $new->email],
        );
        self::assertTrue($credit->credited);
        self::assertNotNull($credit->done_at);
        self::assertSame($promised + 1, $this->promised(), 'its piece is taken aside');
        self::assertSame(1, $new->supplierOrders()->count());
        self::assertGreaterThan(now()->toDateString(), (string) $new->lines()->sole()->promised_to);
        Queue::assertPushed(SendSupplierOrder::class, fn ($job): bool => $job->supplierOrderId === $new->supplierOrders()->sole()->id);
        $papers = OrderPaper::query()->orderBy('id')->get();
        self::assertSame(
            [[$this->order->id, 'invoice'], [$this->order->id, 'credit'], [$new->id, 'invoice']],
            $papers->map(static fn (OrderPaper $one): array => [$one->order_id, $one->kind->value])->all(),
        );
        $total = static fn (int $n): int => $papers->values()->all()[$n]->said['total'];
        self::assertSame($total(1), $total(2), 'what is credited is what is invoiced');
        $this->page($this->order)->assertSee('as order '.$new->number)->assertDontSee('went back the way it came');
        (new OrderLetter($this->order->id, $this->stall->id, TellKind::Returned, $return->id))->assertSeeInText('as order '.$new->number);
        $this->get(route('counter.order', [$this->stall, $new]))->assertInertia(fn ($page) => $page
            ->where('order.paidBy', 'By what came back of order '.$this->order->number)
            ->where('order.canRefund', true));
    }

    public function test_what_costs_less_today_gives_the_difference_back_by_the_payment_of_the_first(): void
    {
        $return = $this->ask(1);
        $was = (int) $this->order->lines()->sole()->unit_minor;
        Price::query()->where('listing_variant_id', $this->other->id)->update(['price_minor' => $was - 300]);
        $now = Instead::price($this->stall->refresh(), $this->order, $this->other->refresh());
        self::assertSame($was - 300, $now);
        $this->answer($return, 'exchanged');
        $new = Order::query()->where('exchange_of', $this->order->id)->sole();
        $back = $new->refunds()->sole();
        self::assertSame([300, false], [$back->total_minor, $back->credited]);
        self::assertNotNull($back->refresh()->done_at, 'it went back by the payment of the first');
    }

    public function test_what_is_exchanged_can_come_back_in_its_turn_and_no_more_than_was_paid_goes_back(): void
    {
        $this->answer($this->ask(2), 'exchanged');
        $new = Order::query()->where('exchange_of', $this->order->id)->sole();
        self::assertSame(OrderState::Paid, $this->order->refresh()->state, 'its money didn’t go back');
        $this->post(route('counter.refund', [$this->stall, $this->order]), ['key' => 'again', 'pieces' => [$this->line() => 1]])
            ->assertSessionHasErrors('said');
        $this->post(route('counter.refund', [$this->stall, $new]), ['key' => 'all-of-it'])->assertSessionHas('say');
        self::assertSame(OrderState::Refunded, $new->refresh()->state);
        $paid = $this->order->total_minor - $this->order->delivery_minor;
        self::assertSame($paid, (int) Refund::query()->where('credited', false)->sum('total_minor'));
    }

    public function test_what_sold_out_meanwhile_is_said_and_nothing_is_credited(): void
    {
        $return = $this->ask(1);
        SupplierVariant::query()->whereKey($this->other->supplier_variant_id)->update(['stock' => 0]);
        $this->answer($return, 'exchanged')->assertSessionHasErrors('said');
        self::assertSame([0, 0, ReturnState::Asked], [
            Refund::query()->count(),
            Order::query()->whereNotNull('exchange_of')->count(),
            $return->refresh()->state,
        ]);
        $this->answer($return, 'kept');
        self::assertFalse(Refund::query()->sole()->credited);
    }

    public function test_anything_else_wished_for_is_a_wish_for_the_money(): void
    {
        foreach (['999999', 'x', ['a'], '', (string) PHP_INT_MAX] as $n => $wish) {
            $return = $this->ask(1, $wish);
            self::assertSame([], $return->instead);
            $return->delete();
        }
        $this->answer($this->ask(1, ''), 'exchanged')
            ->assertSessionHasErrors(['said' => 'Its shopper said nothing that they would like instead.']);
    }

    private function there(): void
    {
        Parcel::query()->create([
            'stall_id' => $this->stall->id,
            'order_id' => $this->order->id,
            'supplier_order_id' => $this->order->supplierOrders()->sole()->id,
            'connection_id' => $this->order->supplierOrders()->sole()->connection_id,
            'country' => 'GB',
            'number' => 1,
            'pieces' => [$this->line() => 2],
            'carrier' => 'Hollin Post',
            'tracking' => 'HP1',
            'posted_at' => now(),
            'moved_at' => now(),
            'there_at' => now(),
        ]);
        DB::table('supplier_orders')->update(['state' => 'posted']);
    }

    private function line(): int
    {
        return $this->order->lines()->sole()->id;
    }

    private function ask(int $pieces, mixed $instead = null): OrderReturn
    {
        $this->shopper->send('post', '/orders/'.$this->order->token.'/returns', [
            'pieces' => [$this->line() => (string) $pieces],
            'why' => 'unwanted',
            'instead' => [$this->line() => $instead ?? (string) $this->other->id],
        ]);

        return OrderReturn::query()->latest('id')->firstOrFail();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function answer(OrderReturn $return, string $state): TestResponse
    {
        return $this->post(route('counter.return', [$this->stall, $this->order, $return]), ['state' => $state]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function page(Order $order): TestResponse
    {
        return $this->shopper->send('get', '/orders/'.$order->token);
    }

    private function promised(): int
    {
        return (int) SupplierVariant::query()->whereKey($this->other->supplier_variant_id)->value('promised');
    }
}
