<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Jobs\NoteDispute;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Jobs\SettlePayment;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Counter\Reservations;
use WindowStall\Counter\TakePayment;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** Each way to pay, to its good end and to its bad ones: nothing charged twice, nothing lost, nothing sold that isn't there. */
final class PaymentPathsTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake([SendSupplierOrder::class]);
        $this->stall = $this->world->stall($this->signIn());
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(50);
        $this->shopper = new Shopper($this, $this->stall);
        foreach (['transfer', 'later'] as $method) {
            $this->say($method, ['on' => true])->assertOk();
        }
        $this->shopper->put($this->variant, 2);
    }

    public function test_a_second_step_that_is_abandoned_leaves_the_basket_and_one_that_is_taken_pays(): void
    {
        $order = $this->begin('card');
        $this->press($order, ['card' => 'second'])->assertHeader('Location', $this->at($order, '/second'));
        $this->shopper->comeBack($order);
        self::assertSame([OrderState::AwaitingPayment, 2, null], [$order->refresh()->state, $this->inBasket(), $order->reserved_until]);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('Not paid yet')->assertSee('Pay now');
        $this->press($order, ['yes' => '1'], '/second');
        $this->shopper->comeBack($order);
        self::assertSame([OrderState::Paid, 0], [$order->refresh()->state, $this->inBasket()]);
    }

    public function test_a_transfer_keeps_its_pieces_aside_until_the_bank_pays_and_the_news_of_it_is_worked_in_once(): void
    {
        $order = $this->begin('transfer');
        $this->press($order);
        $this->shopper->comeBack($order);
        $order->refresh();
        self::assertSame([OrderState::AwaitingPayment, 0, 2], [$order->state, $this->inBasket(), $this->promised()]);
        self::assertTrue($order->reserved_until?->isAfter(now()->addDays(4)) ?? false);
        $this->shopper->send('get', '/orders/'.$order->token)
            ->assertSee('Your bank sends the money')
            ->assertDontSee('http-equiv')
            ->assertPlainCookie('basket_count', '0');
        // The ten minutes of a card are over; a sweep leaves it as it is, and so does the day.
        $this->travel(26)->hours();
        self::assertFalse(app(Reservations::class)->end($order));
        SettlePayment::dispatch($order->id);
        self::assertSame(OrderState::AwaitingPayment, $order->refresh()->state);

        $this->shopper->put($this->variant);
        $this->turn($order, 'pays');
        foreach ([1, 2] as $_) {
            $this->news($order)->assertOk();
        }
        self::assertSame([OrderState::Paid, 1, 2], [$order->refresh()->state, $this->inBasket(), $this->promised()]);
        self::assertSame(1, $order->supplierOrders()->count());
    }

    public function test_news_that_comes_before_the_shopper_does_pays_as_well(): void
    {
        $order = $this->begin('card');
        $this->press($order, ['card' => 'approves']);
        $this->news($order)->assertOk();
        self::assertSame(OrderState::Paid, $order->refresh()->state);
        $this->shopper->comeBack($order);
        self::assertSame([1, 1], [$order->supplierOrders()->count(), (int) $this->atTheService($order)->captures]);
    }

    public function test_where_the_banks_money_never_comes_its_goods_lie_in_the_basket_again(): void
    {
        $order = $this->begin('transfer');
        $this->press($order);
        $this->shopper->comeBack($order);
        $this->turn($order, 'fails');
        $this->news($order)->assertOk();
        self::assertSame([2, 0, OrderState::AwaitingPayment], [$this->inBasket(), $this->promised(), $order->refresh()->state]);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('The bank didn’t send the money. Nothing was charged.');
        // Another that nobody pays for days is let go by itself.
        $second = $this->begin('transfer');
        $this->press($second);
        $this->shopper->comeBack($second);
        $this->travel(6)->days();
        SettlePayment::dispatch($second->id);
        self::assertSame([OrderState::PaymentLapsed, 2, 'void'], [$second->refresh()->state, $this->inBasket(), $this->atTheService($second)->state]);
    }

    public function test_a_transfer_for_what_sold_out_meanwhile_is_let_go_at_once(): void
    {
        $order = $this->begin('transfer');
        $this->press($order);
        SupplierVariant::query()->whereKey($this->variant->supplier_variant_id)->update(['stock' => 1]);
        $this->shopper->comeBack($order);
        self::assertSame([OrderState::SoldOut, 'void', 2], [$order->refresh()->state, $this->atTheService($order)->state, $this->inBasket()]);
    }

    public function test_who_may_not_pay_later_is_told_and_may_pay_otherwise(): void
    {
        $order = $this->begin('later');
        $this->press($order, ['refused' => '1']);
        $this->shopper->comeBack($order);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('doesn’t let you pay later. Nothing was charged.');
        $card = $this->begin('card');
        self::assertNotSame($order->id, $card->id);
        self::assertSame(OrderState::Paid, $this->shopper->pay($card)->state);
        self::assertSame(OrderState::PaymentLapsed, $order->refresh()->state, 'what the basket was before is let go');
        $later = $this->again('later');
        $this->press($later);
        $this->shopper->comeBack($later);
        self::assertSame(OrderState::Paid, $later->refresh()->state);
    }

    /** Two unpaid orders of one basket could both be paid. */
    public function test_going_on_to_pay_anew_lets_the_former_payment_go(): void
    {
        $first = $this->begin('card');
        $this->shopper->put($this->variant);
        $second = $this->begin('card');
        self::assertSame([OrderState::PaymentLapsed, 'void'], [$first->refresh()->state, $this->atTheService($first)->state]);
        $this->press($first, ['card' => 'approves']);
        self::assertSame('void', $this->atTheService($first)->state, 'its page doesn’t take money any more');
        self::assertSame(OrderState::Paid, $this->shopper->pay($second)->state);
    }

    public function test_a_way_to_pay_is_offered_by_country_and_total_and_its_fee_is_the_orders(): void
    {
        $this->say('transfer', ['on' => true, 'least' => '100.00'])->assertOk();
        $this->say('later', ['on' => true, 'countries' => ['IE'], 'fee' => '0.049', 'fixed' => '0.30'])->assertOk();
        $this->shopper->send('get', '/checkout')->assertDontSee('How you pay');
        foreach (['transfer', 'later', 'shells'] as $by) {
            $answer = $this->shopper->checkOut(['by' => $by]);
            $by === 'shells' ? $answer->assertRedirect() : $answer->assertStatus(409)->assertSee('Choose how you want to pay.');
        }
        $this->say('later', ['on' => true, 'fee' => '0.049', 'fixed' => '0.30'])->assertOk();
        $order = $this->begin('later');
        self::assertSame([490, 30], [$order->fee_bp, $order->fee_fixed_minor]);
        self::assertSame($this->stall->payment_fee_bp, $this->begin('card')->fee_bp);
    }

    /** @param  array<string, mixed>  $said */
    #[TestWith([['fee' => '3'], 'fee'])]
    #[TestWith([['least' => 'x'], 'least'])]
    #[TestWith([['least' => '20.00', 'most' => '10.00'], 'most'])]
    #[TestWith([['countries' => ['XX']], 'countries'])]
    #[TestWith([['countries' => 'IE'], 'countries'])]
    public function test_a_way_to_pay_that_cant_be_read_is_refused(array $said, string $field): void
    {
        $this->say('later', ['on' => true] + $said)->assertUnprocessable()->assertJsonValidationErrors($field);
    }

    public function test_goods_go_straight_to_the_checkout_where_the_stall_says_so(): void
    {
        $page = '/goods/'.$this->variant->listing?->slug;
        $this->shopper->send('get', $page)->assertOk()->assertDontSee('Straight to the checkout');
        $this->wish('counter.payment.straight', ['straight' => 'perhaps'])->assertUnprocessable();
        $this->wish('counter.payment.straight', ['straight' => true])->assertOk()->assertJsonPath('straight', true);
        $this->shopper->send('get', $page)->assertOk()->assertSee('Straight to the checkout');
        $this->shopper->put($this->variant, 1, ['straight' => '1'])->assertRedirect('/checkout');
        self::assertSame(3, $this->inBasket());
    }

    public function test_somebody_can_always_pay(): void
    {
        $this->say('transfer', ['on' => false])->assertOk();
        $this->say('later', ['on' => false])->assertOk();
        $this->say('card', ['on' => false])->assertStatus(422)->assertSee('Then nobody could pay.');
        self::assertTrue(PaymentConnection::of($this->stall)->terms(PayMethod::Card, $this->stall)->on);
    }

    public function test_trial_and_real_are_told_apart_by_key_everywhere(): void
    {
        $this->wish('counter.payment.live', ['live' => true])->assertStatus(422)->assertSee('Type the key for real payments first.');
        $this->wish('counter.payment.key', ['key' => 'nonsense'])->assertStatus(422)->assertSee('know this key');
        $this->shopper->send('get', '/checkout')->assertSee('no money moves');
        $trial = $this->begin('card');
        $this->wish('counter.payment.key', ['key' => ' pay-live-key '])->assertOk()->assertJsonPath('hasLive', true)->assertJsonPath('live', false)
            ->assertDontSee('pay-live-key');
        self::assertStringNotContainsString('pay-live', (string) DB::table('payment_connections')->value('keys'));
        $this->wish('counter.payment.live', ['live' => true])->assertOk()->assertJsonPath('live', true);
        $this->shopper->send('get', '/checkout')->assertDontSee('no money moves');
        $real = $this->begin('card');
        self::assertSame(['test', 'live'], [$this->atTheService($trial)->mode, $this->atTheService($real)->mode]);
        self::assertSame([OrderState::Paid, true], [$this->shopper->pay($real)->state, $real->pay_live]);
        self::assertSame([OrderState::PaymentLapsed, false], [$trial->refresh()->state, $trial->pay_live], 'it was let go with its own key');
    }

    public function test_a_disputed_payment_is_noted_once_from_its_service_and_not_from_anybody_else(): void
    {
        $order = $this->shopper->pay($this->begin('card'));
        $this->news($order)->assertOk();
        self::assertNull($order->refresh()->disputed_at);
        $this->turn($order, 'disputes');
        $forged = $this->news($order, secret: 'another');
        $forged->assertForbidden();
        $this->news($order, at: time() - 900)->assertForbidden();
        self::assertNull($order->refresh()->disputed_at);
        $this->news($order)->assertOk();
        $at = $order->refresh()->disputed_at;
        self::assertNotNull($at);
        $this->travel(1)->hours();
        NoteDispute::dispatch($order->id);
        self::assertEquals($at, $order->refresh()->disputed_at);
        $this->get(route('counter.order', [$this->stall, $order]))->assertSee('disputed');
    }

    public function test_news_for_nobody_is_refused(): void
    {
        $this->postJson($this->hook('0b5d3c40-0000-4000-8000-000000000000'), [])->assertForbidden();
        $order = $this->begin('card');
        $this->news($order, reference: 'no-such-order')->assertNotFound();
    }

    public function test_an_order_whose_payment_comes_after_its_time_is_paid_if_the_pieces_are_there(): void
    {
        $order = $this->begin('card');
        $this->press($order, ['card' => 'approves']);
        $this->travel(20)->minutes();
        app(TakePayment::class)($order);
        self::assertSame(OrderState::Paid, $order->refresh()->state);
    }

    private function begin(string $by): Order
    {
        $this->shopper->checkOut(['by' => $by])->assertRedirect();

        return $this->shopper->order();
    }

    private function again(string $by): Order
    {
        $this->shopper->put($this->variant);

        return $this->begin($by);
    }

    private function at(Order $order, string $end = ''): string
    {
        return config('stall.payment.address').'/pay/'.$order->payment_id.$end;
    }

    /**
     * What the shopper does at the payment service.
     *
     * @param  array<string, string>  $with
     * @return TestResponse<Response>
     */
    private function press(Order $order, array $with = [], string $end = ''): TestResponse
    {
        $answer = Http::asForm()->withOptions(['allow_redirects' => false])->post($this->at($order, $end), $with);

        return TestResponse::fromBaseResponse(new Response($answer->body(), $answer->status(), $answer->headers()));
    }

    /** What happens there long after; the news of it doesn't reach a test by itself. */
    private function turn(Order $order, string $does): void
    {
        Http::asForm()->withOptions(['allow_redirects' => false])->post($this->at($order, '/turn'), ['does' => $does]);
    }

    private function atTheService(Order $order): \stdClass
    {
        return DB::connection('payment')->table('payments')->where('id', $order->payment_id)->firstOrFail();
    }

    /** @return TestResponse<Response> */
    private function news(Order $order, ?string $secret = null, ?int $at = null, ?string $reference = null): TestResponse
    {
        $connection = PaymentConnection::of($this->stall);
        $at = (string) ($at ?? time());
        $body = (string) json_encode(['event' => 'e_1', 'reference' => $reference ?? $order->token, 'state' => 'captured']);

        return $this->call('POST', $this->hook($connection->public_id), server: $this->transformHeadersToServerVars([
            'Content-Type' => 'application/json',
            'Payment-Time' => $at,
            'Payment-Signature' => hash_hmac('sha256', $at.'.'.$body, $secret ?? $connection->secret()),
        ]), content: $body);
    }

    private function hook(string $publicId): string
    {
        return route('hooks.payment', $publicId);
    }

    private function inBasket(): int
    {
        return (int) DB::table('basket_lines')->where('stall_id', $this->stall->id)->sum('quantity');
    }

    private function promised(): int
    {
        return (int) SupplierVariant::query()->whereKey($this->variant->supplier_variant_id)->value('promised');
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<Response>
     */
    private function say(string $method, array $said): TestResponse
    {
        return $this->putJson(route('counter.payment.method', [$this->stall, $method]), $said);
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<Response>
     */
    private function wish(string $route, array $said): TestResponse
    {
        return $this->putJson(route($route, $this->stall), $said);
    }
}
