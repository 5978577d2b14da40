<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Counter\Cards\CardBalance;
use WindowStall\Counter\Cards\GiftCard;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Payment\Book;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** Gift cards: bought, spent bit by bit, given back to; no penny is spent twice or lost. */
final class GiftCardsTest extends AppTestCase
{
    private Stall $stall;

    private Shopper $shopper;

    private ListingVariant $card;

    private ListingVariant $trowel;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake([SendSupplierOrder::class]);
        $this->stall = $this->world->stall($this->signIn());
        $this->world->supplierSays(50);
        $this->trowel = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->card = $this->cardListing();
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_a_card_is_bought_without_tax_and_keeps_nothing_but_what_it_costs_to_be_paid(): void
    {
        $order = $this->shopper->buy($this->card, 2);
        self::assertSame([OrderState::Paid, 5_000, 0, 0], [$order->state, $order->total_minor, $order->tax_minor, $order->delivery_minor]);
        $keep = OrderFigures::till($order)->keep->minor;
        self::assertLessThan(0, $keep, 'what is paid for a card is owed');
        self::assertGreaterThan(-300, $keep);
        $cards = GiftCard::query()->orderBy('id')->get();
        self::assertSame([2_500, 2_500], $cards->pluck('value_minor')->all());
        self::assertCount(2, $cards->pluck('code')->unique());
        $this->shopper->send('get', '/orders/'.$order->token)
            ->assertSee($cards->firstOrFail()->code)
            ->assertSee('Worth £25.00');
        self::assertStringNotContainsString($cards->firstOrFail()->code, (string) DB::table('gift_cards')->value('code'), 'not in plain');
    }

    public function test_it_pays_a_part_and_the_rest_is_paid_as_ever(): void
    {
        $code = $this->bought();
        $order = $this->begin($code, 2);
        self::assertSame($order->total_minor - 2_500, $order->payable()->minor);
        $order = $this->shopper->pay($order);
        self::assertSame(OrderState::Paid, $order->state);
        self::assertSame(
            $order->total_minor - 2_500,
            (int) Book::payments()->where('reference', $order->token)->value('captured'),
        );
        self::assertSame([0], array_values(CardBalance::of([$this->only()->id])));
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('Paid by gift card')->assertSee('−£25.00');
        $fee = OrderFigures::till($order)->fee->minor;
        self::assertEqualsWithDelta($order->payable()->minor * $order->fee_bp / 10_000 + $order->fee_fixed_minor, $fee, 1);
        $this->shopper->put($this->trowel);
        $this->typed($code)->assertSee('That is no code of this shop');
    }

    public function test_where_it_pays_all_nobody_else_is_asked_and_the_rest_stays_on_it(): void
    {
        $code = $this->bought();
        Http::fake(['*/v1/payments*' => Http::response([], 500)]);
        $this->shopper->put($this->trowel);
        $this->typed($code)->assertSee('Order and pay by gift card')->assertDontSee('Go on to pay');
        DB::table('basket_lines')->delete();
        $order = $this->begin($code, 1);
        self::assertSame(0, $order->payable()->minor);
        $this->shopper->comeBack($order);
        self::assertSame(OrderState::Paid, $order->refresh()->state);
        self::assertSame([2_500 - $order->total_minor], array_values(CardBalance::of([$this->only()->id])));
        $left = number_format((2_500 - $order->total_minor) / 100, 2);
        $this->get(route('counter.order', [$this->stall, Order::query()->firstOrFail()]))->assertInertia(fn ($page) => $page->where(
            'order.lines.0.given',
            'Card ending '.mb_substr($code, -6).': £'.$left.' left.',
        ));
        app(GiveBack::class)($order->load(['lines', 'refunds', 'stall']), new RefundWish('whole'));
        self::assertSame([OrderState::Refunded, [2_500]], [$order->refresh()->state, array_values(CardBalance::of([$this->only()->id]))]);
    }

    public function test_refunds_go_back_by_the_share_that_each_paid_and_come_to_all(): void
    {
        $order = $this->shopper->pay($this->begin($this->bought(), 3));
        $paid = $order->payable()->minor;
        foreach ([700, 333, null] as $n => $amount) {
            app(GiveBack::class)($order->refresh()->load(['lines', 'refunds', 'stall']), new RefundWish(
                'part-'.$n,
                $amount === null ? null : new RefundAsked(besides: $amount),
            ));
        }
        self::assertSame(OrderState::Refunded, $order->refresh()->state);
        self::assertSame([2_500], array_values(CardBalance::of([$this->only()->id])));
        self::assertSame($paid, (int) Book::payments()->where('reference', $order->token)->value('refunded'));
    }

    public function test_of_two_who_spend_it_at_once_one_does(): void
    {
        $code = $this->bought();
        $first = $this->begin($code, 2);
        $other = new Shopper($this, $this->stall);
        $other->put($this->trowel, 2);
        $this->typed($code, $other)->assertSee('That is no code of this shop');
        // Half an hour later the first hasn't paid; what it meant to take is free again.
        $this->travel(31)->minutes();
        $second = $this->begin($code, 2, $other);
        self::assertSame(OrderState::Paid, $other->pay($second)->state);
        $this->shopper->pay($first);
        self::assertSame([OrderState::PaymentLapsed, 'void'], [
            $first->refresh()->state,
            Book::payments()->where('reference', $first->token)->value('state'),
        ]);
        self::assertSame([0], array_values(CardBalance::of([$this->only()->id])));
    }

    public function test_who_goes_back_and_changes_the_basket_has_it_still(): void
    {
        $code = $this->bought();
        $before = $this->begin($code, 2);
        $after = $this->begin($code, 1);
        self::assertNotSame($before->id, $after->id);
        self::assertSame(2_500, $after->card_minor);
        self::assertSame(OrderState::Paid, $this->shopper->pay($after)->state);
    }

    public function test_a_card_whose_money_goes_back_pays_nothing_and_one_that_paid_keeps_its_own(): void
    {
        $code = $this->bought();
        $sold = Order::query()->firstOrFail();
        $spent = $this->begin($code, 1);
        $this->shopper->comeBack($spent);
        try {
            app(GiveBack::class)($sold->load(['lines', 'refunds', 'stall']), new RefundWish('whole'));
            self::fail('It paid for something already.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString('paid for something already', $refusal->getMessage());
        }
        $other = $this->shopper->buy($this->card);
        $code = GiftCard::query()->latest('id')->firstOrFail()->code;
        app(GiveBack::class)($other->load(['lines', 'refunds', 'stall']), new RefundWish('whole'));
        self::assertSame(0, $other->refresh()->own_cost_minor, 'nothing is owed any more');
        $this->shopper->put($this->trowel);
        $this->typed($code)->assertSee('That is no code of this shop');
    }

    public function test_a_card_buys_no_card_and_no_code_takes_anything_off_one(): void
    {
        $this->postJson(route('codes.store', $this->stall), [
            'code' => 'TEN', 'off' => ['by' => 'amount', 'amount' => '2.50'], 'holds' => ['by' => 'all'], 'under_floor' => true,
        ])->assertOk();
        $code = $this->bought();
        $this->shopper->put($this->card);
        $this->typed('TEN')->assertDontSee('−£2.50');
        $this->typed($code);
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame([2_500, 0, 0], [
            $this->shopper->order()->total_minor, $this->shopper->order()->card_minor, $this->shopper->order()->discount_minor,
        ]);
    }

    public function test_guessing_ends_after_some_tries(): void
    {
        $code = $this->bought();
        $this->shopper->put($this->trowel);
        for ($n = 0; $n < 20; $n++) {
            $this->typed(str_repeat('A', 25).dechex($n % 10));
        }
        $this->typed($code)->assertSee('That is no code of this shop');
        $this->travel(61)->minutes();
        $this->typed($code)->assertSee('Gift card ending '.mb_substr($code, -6));
    }

    private function cardListing(): ListingVariant
    {
        $this->postJson(route('bench.own', $this->stall), ['giving' => 'gift_card', 'name' => 'A gift card', 'price' => '10'])->assertCreated();
        $listing = Listing::of($this->stall)->latest('id')->firstOrFail();
        $this->putJson(route('bench.own.update', [$this->stall, $listing]), ['amounts' => '25, 50'])
            ->assertOk()
            ->assertJsonPath('supplier.own.amounts', '25.00, 50.00');
        $picture = Picture::query()->create([
            'listing_id' => $listing->id, 'stall_id' => $this->stall->id, 'state' => Picture::READY,
            'path' => 'x/1/0123456789abcdef', 'width' => 1200, 'height' => 1200,
        ]);
        $listing->refresh()->update(['own_pictures' => [$picture->id]]);
        $this->world->meant($this->stall, $listing);
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->whereKey($listing->id)->get());

        return $listing->variants()->where('external_id', 'like', '%/2500')->firstOrFail();
    }

    private function bought(): string
    {
        $this->shopper->buy($this->card);

        return GiftCard::query()->latest('id')->firstOrFail()->code;
    }

    private function only(): GiftCard
    {
        return GiftCard::query()->sole();
    }

    /** Puts trowels in, types a card's code and goes on to pay. */
    private function begin(string $code, int $pieces, ?Shopper $who = null): Order
    {
        $who ??= $this->shopper;
        $who->put($this->trowel, $pieces);
        $html = (string) $this->typed($code, $who)->assertSee('Left to pay')->getContent();
        preg_match('/name="cards" value="(\d+)"/', $html, $m);
        $who->checkOut(['cards' => $m[1] ?? 0])->assertRedirect();

        return $who->order();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function typed(string $code, ?Shopper $who = null): \Illuminate\Testing\TestResponse
    {
        return ($who ?? $this->shopper)->send('post', '/checkout', ['use' => '1', 'code' => $code]);
    }
}
