<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** Which supplier sends what: by the stall's rule when it is paid, by a person when one refuses; nothing is sent twice. */
final class SourcingTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    private SupplierVariant $other;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->travelTo('2026-11-30 10:00');
        $this->stall = $this->world->stall($this->signIn());
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
        $this->other = $this->alike();
    }

    public function test_what_one_refuses_comes_from_another_with_what_the_order_keeps_then(): void
    {
        $order = $this->refused();
        $row = $order->supplierOrders()->firstOrFail();
        $needs = [];
        $this->get(route('counter', $this->stall))->assertInertia(function ($page) use (&$needs): void {
            $page->where('desk.needs.0.kind', 'refused')->where('frame.toDecide', 1);
            $needs = $page->toArray()['props']['desk']['needs'];
        });
        self::assertSame(
            ['From Second Depot instead', 'Give the money back', 'Ask Oakum Depot once more'],
            array_column($needs[0]['ways'], 'name'),
        );
        self::assertStringStartsWith('keeps £', $needs[0]['ways'][0]['keeps']);
        self::assertStringStartsWith('loses £', $needs[0]['ways'][1]['keeps']);
        $move = fn (): \Illuminate\Testing\TestResponse => $this->post($needs[0]['ways'][0]['address'], $needs[0]['ways'][0]['data']);
        $move()->assertSessionHas('say', 'It is being sent.');
        $new = $order->supplierOrders()->where('state', State::ToSend)->sole();
        self::assertNotSame($row->idempotency_key, $new->idempotency_key);
        $line = $order->lines()->sole();
        self::assertSame(
            [$new->id, $this->other->id, 2, State::Withdrawn],
            [$line->supplier_order_id, $line->supplier_variant_id, $this->other->refresh()->promised, $row->refresh()->state],
        );
        Queue::assertPushed(SendSupplierOrder::class, static fn (SendSupplierOrder $job): bool => $job->supplierOrderId === $new->id);
        // Pressed again it is moved to where it is: one order waits, nothing is promised twice.
        $move();
        self::assertSame([1, 2], [
            $order->supplierOrders()->where('state', State::ToSend)->count(),
            $this->other->refresh()->promised,
        ]);
        $this->get(route('counter', $this->stall))->assertInertia(fn ($page) => $page->has('desk.needs', 0));
    }

    public function test_a_line_that_waits_can_be_moved_at_will_and_it_says_what_that_does_to_cost_and_date(): void
    {
        $order = (new Shopper($this, $this->stall))->buy($this->variant, 2);
        $moves = $this->get(route('counter.sources', [$this->stall, $order]))->assertOk()->json('moves');
        self::assertCount(1, $moves);
        self::assertSame('From Second Depot instead', $moves[0]['ways'][0]['name']);
        self::assertMatchesRegularExpression('/^(keeps|loses) £/', $moves[0]['ways'][0]['keeps']);
        self::assertMatchesRegularExpression('/(less|more); .+/', $moves[0]['ways'][0]['about']);
        $this->post($moves[0]['ways'][0]['address'], $moves[0]['ways'][0]['data'])->assertSessionHas('say', 'It is being sent.');
        $line = $order->lines()->sole();
        self::assertSame([$this->other->id, 'Second Depot'], [$line->supplier_variant_id, $line->supplierOrder?->connection?->name]);
        $line->supplierOrder?->update(['unsure' => true]);
        self::assertSame([], $this->get(route('counter.sources', [$this->stall, $order]))->json('moves'), 'what may be there isn’t offered');
    }

    public function test_how_much_dearer_a_supplier_may_be_is_the_stalls_word(): void
    {
        $order = (new Shopper($this, $this->stall))->buy($this->variant, 2);
        $row = $order->supplierOrders()->sole();
        $row->update([
            'state' => State::Accepted,
            'cost_confirmed' => true,
            'goods_minor' => (int) round(($row->expected_goods_minor + $row->expected_delivery_minor) * 1.08),
            'delivery_minor' => 0,
        ]);
        $asked = fn (string $band): bool => $this->put(route('counter.sharing.say', $this->stall), [
            'preferences' => ['as_sold'], 'dearer' => $band,
        ])->assertSessionHasNoErrors() !== null
            && in_array('dearer', array_column($this->pageProps($this->get(route('counter', $this->stall)))['desk']['needs'], 'kind'), true);
        self::assertSame([false, true, false], [$asked('10'), $asked('7.5'), $asked('8.5')]);
        $this->get(route('counter.sharing', $this->stall))->assertInertia(fn ($page) => $page->where('dearer', '8.5%'));
        $this->put(route('counter.sharing.say', $this->stall), ['preferences' => ['as_sold'], 'dearer' => 'much'])
            ->assertSessionHasErrors('dearer');
    }

    public function test_what_a_supplier_has_or_may_have_is_not_moved(): void
    {
        $order = $this->refused();
        $row = $order->supplierOrders()->firstOrFail();
        foreach ([
            ['state' => State::Accepted, 'unsure' => false, 'said' => 'Oakum Depot has'],
            ['state' => State::ToSend, 'unsure' => true, 'said' => 'Oakum Depot may have it'],
        ] as $stands) {
            $row->update(array_diff_key($stands, ['said' => 1]));
            $this->move($order)->assertSessionHasErrors('said');
            self::assertStringStartsWith($stands['said'], session('errors')->first('said'));
        }
        self::assertSame([1, 0], [$order->supplierOrders()->count(), $this->other->refresh()->promised]);
        $row->update(['state' => State::Refused, 'unsure' => false]);
        $this->other->update(['stock' => 1]);
        $this->move($order)->assertSessionHasErrors(['said' => 'That source hasn’t enough of it any more. Look again.']);
        $this->post(route('counter.move', [$this->stall, $order]), ['lines' => 'all'])->assertSessionHasErrors('said');
        self::assertSame(1, $order->supplierOrders()->count());
    }

    public function test_sent_again_to_the_same_supplier_it_is_a_new_order_there(): void
    {
        $order = $this->refused();
        $row = $order->supplierOrders()->firstOrFail();
        $line = $order->lines()->sole();
        $this->move($order, $line->supplier_variant_id);
        $new = $order->supplierOrders()->where('state', State::ToSend)->sole();
        self::assertSame([$row->connection_id, true], [$new->connection_id, $row->idempotency_key !== $new->idempotency_key]);
    }

    public function test_an_order_is_shared_out_by_the_stalls_rule_when_it_is_paid(): void
    {
        foreach ([$this->variant->supplier_variant_id, $this->other->id] as $position => $source) {
            DB::table('variant_sources')->insert([
                'stall_id' => $this->stall->id,
                'listing_variant_id' => $this->variant->id,
                'supplier_variant_id' => $source,
                'position' => $position,
                'use' => true,
            ]);
        }
        $this->other->update(['goods_minor' => 1]);
        $sold = $this->buy()->lines()->sole();
        self::assertSame($this->variant->selling()->id, $sold->supplier_variant_id, 'from where it was sold');
        $this->put(route('counter.sharing.say', $this->stall), ['preferences' => ['cheapest', 'quickest']])->assertSessionHas('say');
        $this->get(route('counter.sharing', $this->stall))->assertInertia(fn ($page) => $page->where(
            'sentence',
            'What was promised comes first; then what costs least, delivery and all, then what is there first.',
        ));
        $order = $this->buy();
        $line = $order->lines()->sole();
        self::assertSame([$this->other->id, 2, 'cheapest'], [
            $line->supplier_variant_id,
            $this->other->refresh()->promised,
            $order->shared['rule'] ?? null,
        ]);
        self::assertSame([$this->other->item?->connection_id], $order->supplierOrders()->pluck('connection_id')->all());
        $this->get(route('counter.order', [$this->stall, $order]))->assertInertia(fn ($page) => $page->where(
            'order.shared.0',
            'Shared out by what costs least, delivery and all, what was promised first.',
        ));
        $this->put(route('counter.sharing.say', $this->stall), ['preferences' => ['dearest']])->assertSessionHasErrors();
    }

    public function test_what_shows_signs_of_doubt_is_held_and_goes_when_a_person_says_so(): void
    {
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->variant, 2);
        $shopper->checkOut(['email' => 'a@trashmail.example'])->assertRedirect();
        $order = $shopper->pay($shopper->order(), 'abroad');
        self::assertNotNull($order->held_at);
        $row = $order->supplierOrders()->sole();
        (new SendSupplierOrder($row->id))->handle(app(\WindowStall\Counter\ApplyAnswer::class), app(\WindowStall\Print\Files\PrintOrders::class));
        self::assertSame([State::ToSend, 0], [$row->refresh()->state, $row->tries]);
        $this->get(route('counter', $this->stall))->assertInertia(fn ($page) => $page->where('desk.needs.0.title', sprintf(
            'Order %d is held: the card is from New Zealand, the parcel goes to United Kingdom; @trashmail.example is mail that nobody keeps.',
            $order->number,
        )));
        $this->post(route('counter.release', [$this->stall, $order]))->assertSessionHas('say');
        self::assertNull($order->refresh()->held_at);
        (new SendSupplierOrder($row->id))->handle(app(\WindowStall\Counter\ApplyAnswer::class), app(\WindowStall\Print\Files\PrintOrders::class));
        self::assertTrue($row->refresh()->state !== State::ToSend || $row->tries > 0 || $row->trouble !== null, 'its supplier was asked');
        $row->update(['state' => State::Accepted]);
        $this->get(route('counter', $this->stall))->assertInertia(fn ($page) => $page->has('desk.needs', 0));
    }

    public function test_orders_are_found_by_whatever_is_in_hand_kept_as_a_search_and_out_as_a_file(): void
    {
        $order = $this->buy();
        $other = $this->world->stall();
        $found = fn (array $by): mixed => $this->get(route('counter.orders', [$this->stall] + $by))->assertOk();
        $sku = (string) $order->lines()->sole()->supplierVariant?->sku;
        foreach ([(string) $order->number, 'fennimore', 'INES@', 'al4 7qt', 'al47qt', $sku, 'aldermere'] as $said) {
            $found(['q' => $said])->assertInertia(fn ($page) => $page->has('orders', 1));
        }
        foreach (['1', 'nobody', '%', 'SKU-NONE'] as $said) {
            $found(['q' => $said])->assertInertia(fn ($page) => $page->has('orders', 0));
        }
        foreach (['open' => 1, 'refused' => 0, 'there' => 0, 'back' => 0, 'returns' => 0, 'held' => 0, 'disputed' => 0, 'unpaid' => 0] as $stands => $count) {
            $found(['stands' => $stands])->assertInertia(fn ($page) => $page->has('orders', $count));
        }
        $found(['from' => '2026-11-30', 'to' => '2026-11-30'])->assertInertia(fn ($page) => $page->has('orders', 1));
        $found(['from' => '2026-12-01'])->assertInertia(fn ($page) => $page->has('orders', 0));
        $this->post(route('counter.orders.keep', $this->stall), ['name' => 'Ines', 'q' => 'fennimore'])->assertSessionHas('say');
        $found([])->assertInertia(fn ($page) => $page->where('searches.0.name', 'Ines')->where('searches.0.query', 'q=fennimore'));
        $csv = $this->get(route('counter.orders.out', [$this->stall, 'as' => 'csv']))->assertOk()->streamedContent();
        $rows = array_map(static fn (string $row): array => str_getcsv($row, escape: ''), explode("\r\n", trim($csv)));
        self::assertSame(['order', (string) $order->number, $sku], [$rows[0][0], $rows[1][0], $rows[1][8]]);
        $json = json_decode($this->get(route('counter.orders.out', [$this->stall, 'as' => 'json']))->streamedContent(), true);
        self::assertSame([$order->number, 2], [$json[0]['order'], $json[0]['lines'][0]['pieces']]);
        $none = $this->get(route('counter.orders.out', [$this->stall, 'as' => 'json', 'q' => 'nobody']))->streamedContent();
        self::assertSame("[]\n", $none);
        self::assertSame(0, Order::of($other)->count());
    }

    private function refused(): Order
    {
        $order = $this->buy();
        $order->supplierOrders()->update(['state' => State::Refused, 'refusal' => 'Sold out.', 'external_id' => '9']);

        return $order;
    }

    private function buy(): Order
    {
        return (new Shopper($this, $this->stall))->buy($this->variant, 2);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function move(Order $order, ?int $variant = null): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('counter.move', [$this->stall, $order]), ['lines' => [
            $order->lines()->sole()->id => ['variant' => $variant ?? $this->other->id, 'warehouse' => 'GB'],
        ]]);
    }

    /** The same goods at another supplier: copied with all that is said of them, a little dearer. */
    private function alike(): SupplierVariant
    {
        $own = $this->variant->selling();
        $item = $own->item ?? throw new \LogicException('A variant is always of an item.');
        $from = $item->connection ?? throw new \LogicException('An item is always of a supplier.');
        $connection = $from->replicate(['public_id'])->fill([
            'name' => 'Second Depot',
            'address' => $from->address.'/second',
            'public_id' => (string) \Illuminate\Support\Str::uuid(),
        ]);
        $connection->save();
        $copy = $item->replicate(['search'])->fill(['connection_id' => $connection->id]);
        $copy->save();
        DB::statement(<<<'SQL'
            INSERT INTO delivery_quotes
            SELECT (jsonb_populate_record(quote, jsonb_build_object('connection_id', ?::bigint))).*
            FROM delivery_quotes AS quote
            WHERE connection_id = ?
            SQL, [$connection->id, $from->id]);
        $variant = $own->replicate(['available'])->fill([
            'supplier_item_id' => $copy->id,
            'sku' => 'SECOND-1',
            'goods_minor' => ($own->goods_minor ?? 0) + 210,
            'promised' => 0,
        ]);
        $variant->save();
        $barcode = $own->barcode ?? '4006381333931';
        SupplierVariant::query()->whereKey([$own->id, $variant->id])->update(['barcode' => $barcode]);

        return $variant->refresh();
    }
}
