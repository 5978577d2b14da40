<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Shop\Basket;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** The payment service fills in an address it knows, and its fields stand in the shop's page where there is script. */
final class ExpressTest extends AppTestCase
{
    private Stall $stall;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->shopper = new Shopper($this, $this->stall);
        $this->shopper->put($this->world->inWindow($this->stall)->variants()->firstOrFail());
        Queue::fake([SendSupplierOrder::class]);
        $this->world->supplierSays(50);
    }

    public function test_an_address_is_brought_and_paid_with_the_card_that_is_known(): void
    {
        $this->shopper->send('get', '/checkout')->assertSee('action="/checkout/express"', escape: false);
        $there = (string) $this->shopper->send('post', '/checkout/express')->assertRedirect()->headers->get('Location');
        $back = $this->choose($there, 'ines');
        $page = $this->shopper->send('get', $back)->assertOk()->assertSee('value="4 Pound Row"', escape: false)
            ->assertSee('value="ines@fennimore.example"', escape: false)->assertDontSee('action="/checkout/express"', escape: false);
        self::assertSame('AL4 7QT', Basket::query()->latest()->firstOrFail()->postcode);
        preg_match('/name="wallet" value="(\w+)"/', (string) $page->getContent(), $wallet);
        $this->shopper->checkOut(['wallet' => $wallet[1] ?? ''])->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame($wallet[1] ?? '-', $order->wallet);
        self::assertStringContainsString('with your card', Http::get((string) $order->pay_at)->body());
        self::assertSame('paid', $this->shopper->pay($order)->state->value);
        self::assertSame(1, DB::connection('payment')->table('payments')->where('reference', $order->token)->count());
    }

    public function test_whoever_tells_nothing_types_it_and_a_strangers_wallet_brings_nothing(): void
    {
        $there = (string) $this->shopper->send('post', '/checkout/express')->headers->get('Location');
        $this->shopper->send('get', $this->choose($there, ''))->assertRedirect('/checkout');
        foreach (['', 'w_nobody', '../payments', str_repeat('a', 100)] as $wrong) {
            $this->shopper->send('get', '/checkout/express?'.http_build_query(['wallet' => $wrong]))->assertRedirect('/checkout');
        }
        $this->shopper->checkOut(['wallet' => 'a b'])->assertUnprocessable();
        self::assertSame(0, Order::of($this->stall)->count());
        $stranger = new Shopper($this, $this->stall);
        $stranger->send('post', '/checkout/express')->assertRedirect('/basket');
    }

    public function test_an_address_that_nothing_is_sent_to_is_said_and_nothing_is_lost(): void
    {
        $there = (string) $this->shopper->send('post', '/checkout/express')->headers->get('Location');
        $this->shopper->send('get', $this->choose($there, 'maud'))->assertOk()->assertSee('value="Kade 12"', escape: false);
        $this->shopper->checkOut(['country' => 'NL', 'postcode' => '1234 AB'])->assertUnprocessable();
    }

    public function test_a_payment_service_that_is_away_leaves_the_form_to_be_typed(): void
    {
        config(['stall.payment.address' => 'http://127.0.0.1:9']);
        $this->shopper->send('post', '/checkout/express')->assertRedirect('/checkout');
        $this->shopper->send('get', '/checkout/express?wallet=w_x')->assertRedirect('/checkout');
    }

    public function test_where_there_is_script_the_services_fields_stand_in_a_frame_and_no_card_reaches_the_shop(): void
    {
        $to = (string) $this->shopper->checkOut(['framed' => '1'])->assertRedirect()->headers->get('Location');
        $order = $this->shopper->order();
        self::assertStringEndsWith('/orders/'.$order->token.'/pay?framed=1', $to);
        $page = $this->shopper->send('get', '/orders/'.$order->token.'/pay?framed=1')->assertOk();
        $page->assertSee('<iframe class="pay-frame" src="'.e($order->pay_at.'?framed=1').'"', escape: false);
        $page->assertSee('href="'.e((string) $order->pay_at).'"', escape: false);
        $fields = Http::get($order->pay_at.'?framed=1')->body();
        self::assertStringContainsString('target="_top"', $fields);
        self::assertStringNotContainsString('<header>', $fields);
        // Without script, and by another method, its whole page.
        $this->shopper->send('get', '/orders/'.$order->token.'/pay')->assertRedirect((string) $order->pay_at);
        // Paid, there is nothing to pay any more.
        $this->shopper->pay($order);
        $this->shopper->send('get', '/orders/'.$order->token.'/pay?framed=1')->assertRedirect('/orders/'.$order->token);
    }

    /** @return string the path in the shop that its shopper comes back to */
    private function choose(string $there, string $person): string
    {
        $back = (string) Http::asForm()->withOptions(['allow_redirects' => false])->post($there, ['person' => $person])->header('Location');

        return (string) parse_url($back, PHP_URL_PATH).'?'.parse_url($back, PHP_URL_QUERY);
    }
}
