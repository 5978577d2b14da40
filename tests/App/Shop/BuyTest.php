<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Shop\BasketRow;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

final class BuyTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        // What the supplier makes of an order is tested in Counter; the fixture's variants aren't on its shelves.
        Queue::fake([SendSupplierOrder::class, \WindowStall\Bench\Jobs\FetchPictures::class]);
        $this->stall = $this->world->stall();
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->shopper = new Shopper($this, $this->stall);
        $this->world->supplierSays(50);
    }

    public function test_a_basket_adds_up_with_delivery_and_vat(): void
    {
        $this->shopper->put($this->variant, 2)->assertRedirect('/basket');
        $this->shopper
            ->send('get', '/basket')
            ->assertOk()
            ->assertSeeInOrder([
                'Goods',
                '£31.90',
                'Delivery to the United Kingdom',
                '£2.95',
                'Total',
                '£34.85',
                'of which VAT, 20%',
                '£5.81',
            ]);
    }

    public function test_an_option_that_left_nothing_to_choose_isnt_named(): void
    {
        $this->shopper->put($this->variant, 1)->assertRedirect('/basket');
        $this->shopper->send('get', '/basket')->assertSee('Garden Trowel NEW, STL-01');
        $others = ListingVariant::query()->where('listing_id', $this->variant->listing_id);
        $others->whereKeyNot($this->variant->id)->update(['own_on' => false]);
        foreach (['/basket', '/checkout'] as $page) {
            $this->shopper->send('get', $page)->assertOk()->assertSee('Garden Trowel NEW')->assertDontSee('STL-01');
        }
        $this->shopper->send('get', '/goods/garden-trowel-new')->assertOk()->assertSee('Garden Trowel NEW');
    }

    public function test_options_are_looked_up_without_a_script(): void
    {
        $this->shopper
            ->put($this->variant, 1, ['variant' => null, 'option' => ['Clr' => 'CPR-02']])
            ->assertRedirect('/basket');
        $this->shopper->send('get', '/basket')->assertSee('CPR-02');
        $this->shopper
            ->put($this->variant, 1, ['variant' => null, 'option' => ['Clr' => 'PINK']])
            ->assertUnprocessable()
            ->assertSee('That combination isn’t offered.', false);
    }

    public function test_a_paid_order_is_written_down_once_with_what_was_agreed(): void
    {
        $order = $this->shopper->buy($this->variant, 2);
        self::assertSame(
            [OrderState::Paid, 3190, 295, 3485, 581],
            [$order->state, $order->goods_minor, $order->delivery_minor, $order->total_minor, $order->tax_minor],
        );
        self::assertMatchesRegularExpression('/^[A-Za-z0-9_-]{43}$/', $order->token);
        $promised = $order->load('lines')->promised($order->supplierOrders()->firstOrFail());
        self::assertMatchesRegularExpression('/^\w+day \d/', (string) $promised);
        $this->shopper
            ->send('get', '/orders/'.$order->token)
            ->assertOk()
            ->assertSee('Thank you, Ines Fennimore')
            ->assertSee('With you <b>'.$promised.'</b>.', false)
            ->assertHeader('Cache-Control', 'no-store, private');
        $this->shopper->send('get', '/orders/'.strrev($order->token))->assertNotFound();
        $this->shopper->send('get', '/basket')->assertSee('It is empty.');
        Queue::assertPushed(SendSupplierOrder::class, 1);
    }

    public function test_an_order_is_promised_parcel_by_parcel_as_its_basket_was(): void
    {
        $order = $this->shopper->buy($this->variant, 2);
        $line = $order->lines()->firstOrFail();
        $line->update(['promised_from' => '2026-12-07', 'promised_to' => '2026-12-10']);
        $line->replicate()->fill(['title' => 'Bell cloche', 'promised_from' => '2026-12-08', 'promised_to' => '2026-12-16'])->save();
        $this->shopper
            ->send('get', '/orders/'.$order->token)
            ->assertSeeInOrder([': <b>Monday 7 to Thursday 10 December</b>.', ': <b>Tuesday 8 to Wednesday 16 December</b>.'], false)
            ->assertDontSee('With you');
        $told = new OrderLetter($order->id, $order->stall_id, TellKind::Thanks, null);
        $told->assertSeeInText(': Monday 7 to Thursday 10 December.');
        $told->assertSeeInHtml(': Tuesday 8 to Wednesday 16 December.');
    }

    public function test_only_what_was_bought_leaves_the_basket(): void
    {
        $other = ListingVariant::query()
            ->where('listing_id', $this->variant->listing_id)
            ->whereKeyNot($this->variant->id)
            ->firstOrFail();
        $this->shopper->put($this->variant, 2);
        $this->shopper->checkOut()->assertRedirect();
        // While the payment page is open in another tab.
        $this->shopper->put($this->variant, 1);
        $this->shopper->put($other, 1);
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame(OrderState::Paid, $order->state);
        self::assertEquals(
            [$this->variant->id => 1, $other->id => 1],
            BasketRow::query()->where('basket_id', $order->basket_id)->pluck('quantity', 'listing_variant_id')->all(),
        );
        $this->shopper->send('get', '/orders/'.$order->token)->assertPlainCookie('basket_count', '2');
        $this->shopper->send('get', '/basket')->assertSee('CPR-02');
    }

    #[TestWith(['postcode', 'X', 'That is no postcode of the United Kingdom.'])]
    #[TestWith(['postcode', '12345', 'That is no postcode of the United Kingdom.'])]
    #[TestWith(['email', 'a@b', 'That is no e-mail address that can be reached.'])]
    public function test_an_address_nothing_can_come_to_is_refused(string $field, string $typed, string $says): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->checkOut([$field => $typed])->assertUnprocessable()->assertSee($says);
        self::assertFalse(Order::query()->where('stall_id', $this->stall->id)->exists());
    }

    public function test_paying_twice_and_coming_back_twice_charges_and_orders_once(): void
    {
        $order = $this->shopper->buy($this->variant);
        $this->shopper->comeBack($order)->assertRedirect();
        $this->shopper->pay($order);
        self::assertSame(1, $order->refresh()->supplierOrders()->count());
        Queue::assertPushed(SendSupplierOrder::class, 1);
        self::assertSame(1, SupplierVariant::query()->findOrFail($this->variant->supplier_variant_id)->promised);
        self::assertSame(
            1,
            (int) \Illuminate\Support\Facades\DB::connection('payment')
                ->table('payments')
                ->where('id', $order->payment_id)
                ->value('captures'),
        );
    }

    public function test_pressing_the_button_twice_makes_one_order(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->checkOut()->assertRedirect();
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame(1, Order::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_a_declined_card_keeps_the_basket_and_another_card_may_follow(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->checkOut();
        $order = $this->shopper->pay($this->shopper->order(), 'declines');
        self::assertSame(OrderState::AwaitingPayment, $order->state);
        $this->shopper
            ->send('get', '/orders/'.$order->token)
            ->assertSee('The card was declined. Nothing was charged.');
        $this->shopper->send('get', '/basket')->assertSee('£15.95');
        self::assertSame(OrderState::Paid, $this->shopper->pay($order)->state);
    }

    public function test_what_sells_out_between_page_and_payment_is_not_charged(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->checkOut();
        SupplierVariant::query()
            ->whereKey($this->variant->supplier_variant_id)
            ->update(['stock' => 0]);
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame(OrderState::SoldOut, $order->state);
        $this->shopper
            ->send('get', '/orders/'.$order->token)
            ->assertSee('sold out while you were paying. Your payment was let go; nothing was charged.');
        self::assertSame(
            'void',
            \Illuminate\Support\Facades\DB::connection('payment')
                ->table('payments')
                ->where('id', $order->payment_id)
                ->value('state'),
        );
        Queue::assertNotPushed(SendSupplierOrder::class);
    }

    public function test_the_suppliers_own_count_at_that_moment_decides(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->checkOut();
        $this->world->supplierSays(0);
        self::assertSame(OrderState::SoldOut, $this->shopper->pay($this->shopper->order())->state);
    }

    public function test_the_last_piece_is_sold_to_one_of_two(): void
    {
        SupplierVariant::query()
            ->whereKey($this->variant->supplier_variant_id)
            ->update(['stock' => 1]);
        $other = new Shopper($this, $this->stall);
        $this->shopper->put($this->variant);
        $this->shopper->checkOut();
        $first = $this->shopper->order();
        $other->put($this->variant);
        $other->checkOut();
        $second = $other->order();
        self::assertSame(OrderState::Paid, $this->shopper->pay($first)->state);
        self::assertSame(OrderState::SoldOut, $other->pay($second)->state);
    }

    public function test_a_sold_out_line_stands_in_the_way_with_a_sentence(): void
    {
        $this->shopper->put($this->variant, 3);
        SupplierVariant::query()
            ->whereKey($this->variant->supplier_variant_id)
            ->update(['stock' => 2]);
        $this->shopper
            ->send('get', '/basket')
            ->assertSee('Only 2 of Garden Trowel NEW, STL-01 are left. Change the number to go on.')
            ->assertDontSee('Go to checkout');
        $this->shopper->send('get', '/checkout')->assertRedirect('/basket');
        $this->shopper->checkOut()->assertStatus(409);
        self::assertSame(0, Order::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_a_price_that_moved_is_shown_before_it_is_paid(): void
    {
        $this->shopper->put($this->variant);
        $listing = $this->variant->listing ?? self::fail('no listing');
        $this->world->say($listing, ListingPatch::none()->price([$this->variant->id], $this->stall->money(2000)));
        $this->shopper
            ->checkOut(['total' => 1890])
            ->assertStatus(409)
            ->assertSee('A price changed while you were here.')
            ->assertSee('£22.95');
    }

    public function test_a_slow_payment_is_confirmed_later_and_taken_once(): void
    {
        config(['stall.payment.seconds' => 1]);
        $this->shopper->put($this->variant);
        $this->shopper->checkOut();
        $order = $this->shopper->pay($this->shopper->order(), 'slow');
        self::assertSame(OrderState::AwaitingPayment, $order->state);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('The payment is still being confirmed.');
        $this->shopper->comeBack($order);
        self::assertSame([OrderState::Paid, 1], [$order->refresh()->state, $order->supplierOrders()->count()]);
        self::assertSame(
            1,
            (int) \Illuminate\Support\Facades\DB::connection('payment')
                ->table('payments')
                ->where('id', $order->payment_id)
                ->value('captures'),
        );
    }

    public function test_a_payment_service_that_is_away_loses_nothing(): void
    {
        $this->shopper->put($this->variant);
        config(['stall.payment.address' => 'http://payment.standins.localhost:9']);
        $this->shopper
            ->checkOut()
            ->assertStatus(503)
            ->assertSee('Nothing was charged and your basket is kept; try again in a minute.');
        $this->shopper->send('get', '/basket')->assertSee('£15.95');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badAddresses(): iterable
    {
        yield 'no e-mail' => [['email' => ''], 'Where may we write about the order?'];
        yield 'no real e-mail' => [['email' => 'ines'], 'That is no e-mail address.'];
        yield 'no name' => [['name' => '  '], 'Whose name goes on the parcel?'];
        yield 'too long' => [['street' => str_repeat('x', 201)], 'That is too long: 200 letters at most.'];
        yield 'a list' => [['town' => ['x']], 'Which town?'];
        yield 'markup for a postcode' => [['postcode' => '<b>1</b>'], 'That is no postcode of the United Kingdom.'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badAddresses')]
    public function test_an_address_that_cant_be_posted_to_is_asked_for_again(array $wrong, string $sentence): void
    {
        $this->shopper->put($this->variant);
        $html = (string) $this->shopper->checkOut($wrong)->assertUnprocessable()->getContent();
        self::assertMatchesRegularExpression('/'.$sentence.'/', html_entity_decode($html));
        self::assertSame(0, Order::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_absurd_numbers_and_foreign_lines_are_refused(): void
    {
        foreach ([0, -3, 100, 999_999] as $quantity) {
            $this->shopper->put($this->variant, $quantity)->assertUnprocessable()->assertSee('Choose 1 to 99 pieces.');
        }
        $this->shopper->put($this->variant);
        $stranger = new Shopper($this, $this->stall);
        $line = \WindowStall\Shop\BasketRow::query()->latest('id')->value('id');
        $stranger->send('post', '/basket/'.$line, ['remove' => 1])->assertNotFound();
        $other = $this->world->inWindow($this->world->stall(), null)->variants()->firstOrFail();
        $this->shopper->put($other)->assertUnprocessable()->assertSee('That is no longer on the stall.');
    }

    public function test_another_site_cant_post_into_a_basket(): void
    {
        $this->withHeaders(['Origin' => 'http://evil.example'])
            ->post($this->stall->shopAddress('/basket'), ['listing' => 1])
            ->assertForbidden();
        $this->flushHeaders()
            ->withHeaders(['Sec-Fetch-Site' => 'cross-site'])
            ->post($this->stall->shopAddress('/basket'), ['listing' => 1])
            ->assertForbidden();
    }
}
