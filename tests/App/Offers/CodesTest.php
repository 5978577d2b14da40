<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Offers;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Offers\Code;
use WindowStall\Shop\Basket;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** Codes as a seller says them and a shopper uses them: from the sentence to the order. */
final class CodesTest extends AppTestCase
{
    private const TEN = ['code' => 'BEANS10', 'off' => ['by' => 'percent', 'share' => '0.1'], 'holds' => ['by' => 'all']];

    private Stall $stall;

    private Listing $listing;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 10:00');
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
        $this->variant = $this->listing->variants()->firstOrFail();
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_a_code_takes_its_share_off_to_the_penny_and_the_order_keeps_that(): void
    {
        $this->make(self::TEN)->assertOk();
        $this->shopper->put($this->variant, 3);
        $this->type(' beans-10 ')->assertRedirect('/basket');
        // 47.85 less 4.79 is 43.06, with delivery 46.01.
        foreach (['/basket', '/checkout'] as $page) {
            $this->shopper->send('get', $page)->assertSeeInOrder(['£47.85', 'Code BEANS10, 10% off', '−£4.79', '£2.95', '£46.01']);
        }
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame([4_306, 479, 4_601], [$order->goods_minor, $order->discount_minor, $order->total_minor]);
        self::assertSame(479, (int) DB::table('order_lines')->where('order_id', $order->id)->value('discount_minor'));
        self::assertEquals(
            ['code' => 'BEANS10', 'off_minor' => 479],
            (array) DB::table('order_codes')->where('order_id', $order->id)->first(['code', 'off_minor']),
        );
        self::assertSame(4_306, OrderFigures::till($order->load('supplierOrders'))->price->minor, 'profit is of what was paid');
        $this->shopper->pay($order);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSeeInOrder(['£47.85', 'Taken off', '−£4.79', '£46.01']);
    }

    public function test_delivery_is_free_from_what_is_paid_for_the_goods_on(): void
    {
        $this->stall->update(['free_over_minor' => 3_000]);
        $this->make(self::TEN)->assertOk();
        $this->shopper->put($this->variant, 2);
        $this->shopper->send('get', '/basket')->assertSee('free');
        $this->type('BEANS10');
        $this->shopper->send('get', '/basket')->assertSee('£31.66')->assertSee('£1.29 more, and delivery');
    }

    public function test_a_gift_is_laid_into_the_basket_and_costs_nothing_beside_enough_that_is_bought(): void
    {
        $gift = $this->world->inWindow($this->stall, Items::item([Items::variant('tag', 90)], 'Slate tag', id: 'tag'));
        $said = $this->make(['code' => 'tag', 'off' => ['by' => 'gift', 'goods' => $gift->id], 'least' => '5.00'])->assertOk();
        self::assertMatchesRegularExpression('/^Each gift costs you £\d/', (string) $said->json('effect'));
        self::assertSame('Slate tag as a gift with everything', $said->json('codes.0.off'));
        $this->make(['code' => 'other', 'off' => ['by' => 'gift', 'goods' => 999_999]])->assertUnprocessable();

        $this->shopper->put($this->variant);
        $this->type('tag')->assertRedirect();
        $basket = $this->shopper->send('get', '/basket')->assertSee('Slate tag')->assertSee('Code TAG, Slate tag as a gift');
        $lines = Basket::query()->latest()->firstOrFail()->lines()->get();
        self::assertSame(1, $lines->firstWhere('listing_variant_id', $gift->variants()->value('id'))?->quantity);
        // Typed again, it is laid in once.
        $this->type('tag');
        self::assertCount(2, Basket::query()->latest()->firstOrFail()->lines()->get());
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame($order->lines->firstWhere('title', 'Slate tag')?->unit_minor, $order->discount_minor);
        $basket->assertOk();
        // Taken out, it isn't given, and that is said.
        $this->shopper->send('post', '/basket/'.$lines->firstOrFail('listing_variant_id', $gift->variants()->value('id'))->id, ['remove' => '1']);
        $this->shopper->send('get', '/basket')->assertSee('The code TAG gives you Slate tag. Put it in the basket, and it costs nothing.');
    }

    public function test_a_code_can_make_delivery_free(): void
    {
        $this->make(['code' => 'POST', 'off' => ['by' => 'delivery'], 'holds' => ['by' => 'all'], 'least' => '15.00'])->assertOk();
        $this->shopper->put($this->variant);
        $this->type('post');
        $this->shopper->send('get', '/basket')->assertSee('Code POST, free delivery')->assertSeeInOrder(['Total', '£15.95']);
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame([0, 1_595], [$order->delivery_minor, $order->total_minor]);
        self::assertSame(295, (int) DB::table('order_codes')->where('order_id', $order->id)->value('off_minor'));
    }

    public function test_an_offer_counts_by_itself_for_what_it_holds_for(): void
    {
        $can = $this->world->inWindow($this->stall, Items::item([Items::variant('can')], 'Can', id: 'can'));
        $can->update(['own_tags' => ['Water']]);
        $this->make(['off' => ['by' => 'pieces', 'of' => 3, 'paid' => 2], 'holds' => ['by' => 'tags', 'values' => ['water']]])->assertOk();
        $this->shopper->put($this->variant, 3);
        $this->shopper->send('get', '/basket')->assertDontSee('price of 2');
        $this->shopper->put($can->variants()->firstOrFail(), 3);
        $this->shopper->send('get', '/basket')->assertSeeInOrder(['£95.70', '3 for the price of 2', '−£15.95', '£82.70']);
    }

    /**
     * @param  array<string, mixed>  $otherwise
     */
    #[TestWith([['starts' => '2026-12-02T00:00'], 'counts from'])]
    #[TestWith([['ends' => '2026-12-01T09:59'], 'counted until'])]
    #[TestWith([['countries' => ['IE']], 'doesn’t count for the United Kingdom'])]
    #[TestWith([['least' => '20.00'], 'counts from £20.00 on. £4.05 more and it does.'])]
    #[TestWith([['holds' => ['by' => 'tags', 'values' => ['glass']]], 'doesn’t count for any of these goods'])]
    public function test_why_a_code_doesnt_count_is_said(array $otherwise, string $why): void
    {
        $this->make($otherwise + self::TEN)->assertOk();
        $this->shopper->put($this->variant);
        $this->type('BEANS10');
        $this->shopper->send('get', '/basket')->assertSee($why)->assertSee('£18.90')->assertDontSee('10% off');
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame(0, $this->shopper->order()->discount_minor);
    }

    #[TestWith(['WRONG', '“WRONG” is no code of this shop.'])]
    #[TestWith(['10%', 'A code is made of letters and figures.'])]
    #[TestWith(['💥', 'A code is made of letters and figures.'])]
    #[TestWith(['', 'A code is made of letters and figures.'])]
    public function test_what_is_no_code_is_said_and_not_kept(string $typed, string $says): void
    {
        $this->shopper->put($this->variant);
        $this->type($typed)->assertUnprocessable()->assertSee($says);
        $this->shopper->send('get', '/basket')->assertDontSee('no code');
    }

    public function test_fifty_one_codes_count_no_more_than_five_and_one_is_taken_out_again(): void
    {
        $this->shopper->put($this->variant, 9);
        for ($n = 0; $n < 51; $n++) {
            Code::of($this->stall)->create([
                'code' => 'C'.$n,
                'reduction' => ['by' => 'amount', 'amount' => '1.00'],
                'holds' => ['by' => 'all'],
                'countries' => [],
            ]);
            $this->type('c'.$n)->assertRedirect();
        }
        $page = (string) $this->shopper->send('get', '/basket')->assertSee('Code C50')->getContent();
        self::assertSame(5, substr_count($page, '£1.00 off'));
        $this->shopper->send('post', '/basket/codes', ['drop' => 'C50'])->assertRedirect();
        $this->shopper->send('get', '/basket')->assertDontSee('Code C50');
    }

    public function test_a_code_for_one_use_is_used_by_one_of_two_who_pay_at_once(): void
    {
        $this->make(['most_uses' => 1] + self::TEN)->assertOk();
        $other = new Shopper($this, $this->stall);
        foreach ([$this->shopper, $other] as $one) {
            $one->put($this->variant);
            $one->send('post', '/basket/codes', ['code' => 'BEANS10'])->assertRedirect();
        }
        $this->shopper->checkOut()->assertRedirect();
        // The other's page still shows it; it is looked at again as the order is written.
        $other->checkOut(['total' => 1_730])->assertStatus(409)->assertSee('has been used as often as it may be');
        $other->checkOut()->assertRedirect();
        self::assertSame([160, 0], Order::query()->orderBy('id')->pluck('discount_minor')->map(intval(...))->all());

        // Pressed again it is the same order, and no second use; let go, the code is free again.
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame(1, DB::table('order_codes')->count());
        $this->travel(31)->minutes();
        $this->shopper->order()->update(['state' => OrderState::PaymentLapsed]);
        Order::query()->where('discount_minor', 160)->update(['state' => OrderState::PaymentLapsed]);
        $third = new Shopper($this, $this->stall);
        $third->put($this->variant);
        $third->send('post', '/basket/codes', ['code' => 'BEANS10'])->assertRedirect();
        $third->checkOut()->assertRedirect();
        self::assertSame(160, $third->order()->discount_minor);
    }

    public function test_a_code_for_one_use_isnt_used_twice_from_the_same_basket(): void
    {
        $this->make(['most_uses' => 1] + self::TEN)->assertOk();
        $this->shopper->put($this->variant);
        $this->type('BEANS10');
        $this->shopper->checkOut()->assertRedirect();
        $this->shopper->send('get', '/basket')->assertSee('10% off');
        $this->shopper->order()->update(['state' => OrderState::Paid]);
        $this->shopper->send('get', '/basket')->assertSee('has been used as often as it may be')->assertDontSee('10% off');
    }

    public function test_limits_for_each_customer_and_for_first_orders_go_by_the_address(): void
    {
        $this->make(['most_each' => 1] + self::TEN)->assertOk();
        $this->make(['code' => 'FIRST', 'first_only' => true, 'off' => ['by' => 'amount', 'amount' => '2.00'], 'holds' => ['by' => 'all']])->assertOk();
        $this->shopper->put($this->variant);
        $this->type('BEANS10');
        $this->type('FIRST');
        $this->shopper->checkOut()->assertRedirect();
        $this->shopper->order()->update(['state' => OrderState::Paid]);

        $again = new Shopper($this, $this->stall);
        $again->put($this->variant);
        foreach (['BEANS10', 'FIRST'] as $code) {
            $again->send('post', '/basket/codes', ['code' => $code])->assertRedirect();
        }
        $again->send('get', '/basket')->assertSee('10% off');
        $again->checkOut(['email' => 'INES@fennimore.example'])
            ->assertStatus(409)
            ->assertSee('You have used the code BEANS10 as often as it may be.')
            ->assertSee('The code FIRST is for a first order, and you have bought here before.')
            ->assertSee('£18.90');
    }

    public function test_many_codes_for_one_use_each_are_made_and_taken_along(): void
    {
        $id = (int) $this->make(['singles' => true, 'code' => ''] + self::TEN)->assertOk()->json('codes.0.id');
        $this->postJson(route('codes.singles', [$this->stall, $id]), ['count' => 1_200])->assertOk()->assertJsonPath('codes.0.made', 1_200);
        $this->postJson(route('codes.singles', [$this->stall, $id]), ['count' => 20_000])->assertStatus(422);
        $table = $this->get(route('codes.table', [$this->stall, $id]))->assertOk()->streamedContent();
        $codes = array_slice(array_filter(explode("\r\n", $table)), 1);
        self::assertCount(1_200, array_unique($codes));

        $other = new Shopper($this, $this->stall);
        foreach ([$this->shopper, $other] as $one) {
            $one->put($this->variant);
            $one->send('post', '/basket/codes', ['code' => strtolower($codes[0])])->assertRedirect();
        }
        $this->shopper->checkOut()->assertRedirect();
        $other->checkOut(['total' => 1_730])->assertStatus(409)->assertSee('has been used as often as it may be');
        $other->send('post', '/basket/codes', ['code' => $codes[1]])->assertRedirect();
        $other->checkOut()->assertRedirect();
        self::assertSame([160, 160], Order::query()->orderBy('id')->pluck('discount_minor')->map(intval(...))->all());
    }

    public function test_what_falls_under_its_floor_is_said_and_left_alone_unless_the_seller_allows_it(): void
    {
        $this->stall->recipes()->firstOrFail()->update(['recipe' => [
            'basis' => 'landed', 'steps' => [['factor' => '2.4']], 'ending' => null, 'floor' => ['keep' => '5.00'], 'cap' => null,
        ]]);
        $said = (string) $this->make(['off' => ['by' => 'percent', 'share' => '0.9']] + self::TEN)->assertOk()->json('effect');
        self::assertMatchesRegularExpression('/^One of the goods it holds for would fall under its floor, .* The code takes nothing off those\.$/', $said);
        $this->shopper->put($this->variant);
        $this->type('BEANS10');
        $this->shopper->send('get', '/basket')->assertSee('The code BEANS10 takes nothing off these goods.');

        $code = Code::of($this->stall)->firstOrFail();
        $this->patchJson(route('codes.update', [$this->stall, $code]), ['under_floor' => true, 'off' => ['by' => 'percent', 'share' => '0.9']] + self::TEN)
            ->assertOk();
        $this->shopper->send('get', '/basket')->assertSee('90% off');
    }

    public function test_a_used_code_is_ended_and_an_unused_one_taken_out(): void
    {
        $id = (int) $this->make(self::TEN)->assertOk()->json('codes.0.id');
        $this->make(['code' => 'BEANS 10'] + self::TEN)->assertUnprocessable();
        $this->shopper->put($this->variant);
        $this->type('BEANS10');
        $this->shopper->checkOut()->assertRedirect();
        $this->signIn();
        $this->deleteJson(route('codes.destroy', [$this->stall, $id]))->assertOk()->assertJsonPath('codes.0.runs', false);
        DB::table('order_codes')->delete();
        $this->deleteJson(route('codes.destroy', [$this->stall, $id]))->assertOk()->assertJsonPath('codes', []);
    }

    /** @param  array<string, mixed>  $wrong */
    #[TestWith([['code' => '10 %']])]
    #[TestWith([['off' => ['by' => 'percent', 'share' => '2']]])]
    #[TestWith([['holds' => ['by' => 'shelves', 'values' => [999]]]])]
    #[TestWith([['holds' => ['by' => 'tags', 'values' => []]]])]
    #[TestWith([['countries' => ['XX']]])]
    #[TestWith([['ends' => 'soon']])]
    #[TestWith([['starts' => '2026-12-02T00:00', 'ends' => '2026-12-01T00:00']])]
    #[TestWith([['most_uses' => 0]])]
    #[TestWith([['singles' => true]])]
    public function test_what_cant_be_read_is_refused(array $wrong): void
    {
        $this->make($wrong + self::TEN)->assertUnprocessable();
        self::assertSame(0, Code::of($this->stall)->count());
    }

    /**
     * @param  array<string, mixed>  $code
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function make(array $code): TestResponse
    {
        $this->signIn();

        return $this->postJson(route('codes.store', $this->stall), $code);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function type(string $code): TestResponse
    {
        return $this->shopper->send('post', '/basket/codes', ['code' => $code]);
    }
}
