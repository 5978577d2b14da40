<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\Desk\DayWords;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** The desk: what needs a person first, in the words of a sentence, and what is under way below it. */
final class DeskTest extends AppTestCase
{
    private Stall $stall;

    private Order $order;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->travelTo('2026-11-30 10:00');
        $this->stall = $this->world->stall($this->signIn());
        $variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
        $this->order = (new Shopper($this, $this->stall))->buy($variant, 2);
    }

    public function test_a_day_on_which_all_went_by_itself_says_what_that_kept(): void
    {
        $this->desk(fn ($page) => $page
            ->where('desk.headline', fn (string $said): bool => preg_match(
                '/^Since yesterday one order went to its suppliers by itself and keeps £\d+\.\d\d\. Nothing needs you\.$/D',
                $said,
            ) === 1)
            ->has('desk.needs', 0)
            ->where('desk.underWay.0.tone', 'fine')
            ->where('desk.open', 1));
        $this->travel(2)->days();
        $this->desk(fn ($page) => $page->where('desk.headline', fn (string $said): bool => str_starts_with($said, 'One needs you.')
            || $said === 'Nothing needs you.'));
    }

    public function test_what_isnt_posted_the_day_before_its_promise_is_asked_after_or_taken_back(): void
    {
        $row = $this->order->supplierOrders()->sole();
        $row->update(['state' => State::Accepted, 'external_id' => '77', 'accepted_at' => now()]);
        $this->order->lines()->update(['promised_to' => '2026-12-01']);
        $this->desk(fn ($page) => $page
            ->where('desk.needs.0.kind', 'unposted')
            ->where('desk.needs.0.title', fn (string $said): bool => str_ends_with($said, sprintf(
                'of %d, promised for tomorrow.',
                $this->order->number,
            )))
            ->where('desk.needs.0.ways.1.button', 'Ask Oakum Depot to cancel'));
        $cancel = fn (): \Illuminate\Testing\TestResponse => $this->post(
            route('counter.cancel', [$this->stall, $this->order]),
            ['supplierOrder' => $row->id],
        );
        $answer = fn (string $state): array => [
            'id' => 77, 'state' => $state, 'goods' => 500, 'delivery' => 100, 'currency' => 'USD', 'method' => 'Economy',
            'carrier' => null, 'tracking' => null, 'reason' => null,
        ];
        // Too late: it says how it stands instead.
        Http::fake(['*/cancel' => Http::response(['error' => 'It is posted.'], 409), '*/orders/77' => Http::response($answer('accepted'))]);
        $cancel()->assertSessionHasErrors(['said' => 'Oakum Depot can’t stop it any more: it is accepted by the supplier.']);
        Http::swap(new \Illuminate\Http\Client\Factory());
        Http::fake(['*/cancel' => Http::response($answer('cancelled'))]);
        $cancel()->assertSessionHas('say');
        self::assertSame([State::Withdrawn, 0], [$row->refresh()->state, $row->goods_minor]);
        $this->desk(fn ($page) => $page
            ->where('desk.needs.0.kind', 'refused')
            ->where('desk.needs.0.title', fn (string $said): bool => str_contains($said, 'Oakum Depot doesn’t send')));
        $cancel()->assertSessionHasErrors('said');
    }

    public function test_a_dispute_comes_with_what_proves_the_delivery_and_a_refund_that_waits_is_named(): void
    {
        $this->order->update(['disputed_at' => now()]);
        $this->desk(fn ($page) => $page
            ->where('desk.needs.0.kind', 'disputed')
            ->where('desk.needs.0.about', 'No parcel of it is there yet, so there is no proof of delivery.'));
        $row = $this->order->supplierOrders()->sole();
        Parcel::query()->create([
            'stall_id' => $this->stall->id,
            'order_id' => $this->order->id,
            'supplier_order_id' => $row->id,
            'connection_id' => $row->connection_id,
            'country' => 'GB',
            'number' => 1,
            'pieces' => [$this->order->lines()->sole()->id => 2],
            'carrier' => 'Longfurrow Parcels',
            'tracking' => 'LF1',
            'posted_at' => now(),
            'moved_at' => now(),
            'there_at' => now(),
        ]);
        $this->desk(fn ($page) => $page->where(
            'desk.needs.0.about',
            'Your proof for the payment service: Longfurrow Parcels LF1 was there on 30 November 2026.',
        ));
        $this->order->update(['disputed_at' => null, 'payment_trouble' => Trouble::RefundWaits]);
        $this->desk(fn ($page) => $page->where('desk.needs.0.kind', 'refund'));
    }

    public function test_what_a_supplier_takes_much_more_for_asks_and_a_little_more_is_followed(): void
    {
        $row = $this->order->supplierOrders()->sole();
        $expected = (int) $row->expected_goods_minor + (int) $row->expected_delivery_minor;
        $charge = static fn (int $more): bool => $row->update([
            'state' => State::Accepted,
            'cost_confirmed' => true,
            'goods_minor' => (int) $row->expected_goods_minor + $more,
            'delivery_minor' => (int) $row->expected_delivery_minor,
        ]);
        $charge(intdiv($expected, 10));
        $this->desk(fn ($page) => $page->has('desk.needs', 0));
        $charge(intdiv($expected, 10) + 2);
        $this->desk(fn ($page) => $page
            ->where('desk.needs.0.kind', 'dearer')
            ->where('desk.needs.0.title', fn (string $said): bool => str_contains($said, 'more for'))
            ->where('frame.toDecide', 1));
        $row->update(['state' => State::Posted]);
        $this->desk(fn ($page) => $page->has('desk.needs', 0));
    }

    public function test_a_packing_slip_says_what_lies_in_the_parcel_and_no_price(): void
    {
        $row = $this->order->supplierOrders()->sole();
        $slip = $this->get(route('counter.slip', [$this->stall, $this->order, $row]))->assertOk();
        $slip->assertSeeInOrder([$this->stall->name, 'Order '.$this->order->number, 'Ines Fennimore', '4 Pound Row', 'Pieces']);
        $body = preg_replace('~<style>.*</style>~s', '', (string) $slip->getContent());
        self::assertDoesNotMatchRegularExpression('/[£€]|\d\.\d\d\b/u', strip_tags((string) $body));
        $this->get(route('counter.slip', [$this->stall, $this->order, 999_999]))->assertNotFound();
    }

    public function test_a_letter_that_waits_for_a_day_is_on_the_desk(): void
    {
        DB::table('letters')->insert([
            'stall_id' => $this->stall->id, 'name' => 'Bram Holloway', 'email' => 'bram@holloway.example', 'hash' => 'x', 'open' => true,
            'language' => 'en', 'last_at' => now()->subHours(30), 'created_at' => now(), 'updated_at' => now(),
        ]);
        $this->desk(fn ($page) => $page->where('desk.needs.0.title', 'Bram Holloway’s letter waits for an answer.'));
        DB::table('letters')->update(['last_at' => now()->subHours(3)]);
        $this->desk(fn ($page) => $page->has('desk.needs', 0));
    }

    public function test_days_are_said_by_the_stalls_clock(): void
    {
        $this->travelTo('2026-11-30 23:30');
        foreach ([
            '2026-11-30' => 'today', '2026-12-01' => 'tomorrow', '2026-11-29' => 'yesterday', '2026-12-03' => 'Thursday', '2026-12-09' => '9 December',
        ] as $day => $said) {
            self::assertSame($said, DayWords::near($this->stall, $day));
        }
        $this->stall->update(['zone' => 'Pacific/Auckland']);
        self::assertSame('today', DayWords::near($this->stall, '2026-12-01'));
        self::assertSame(['as promised', 'a day late', '4 days late', ''], [
            DayWords::against('2026-12-05', '2026-12-04'),
            DayWords::against('2026-12-05', '2026-12-06'),
            DayWords::against('2026-12-05', '2026-12-09'),
            DayWords::against(null, '2026-12-09'),
        ]);
    }

    /** @param  callable(\Inertia\Testing\AssertableInertia): mixed  $is */
    private function desk(callable $is): void
    {
        $this->get(route('counter', $this->stall))->assertOk()->assertInertia($is(...));
    }
}
