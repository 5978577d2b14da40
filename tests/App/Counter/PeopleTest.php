<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\People\People;
use WindowStall\Hooks\HookEvent;
use WindowStall\Shop\SignUps;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\App\Support\Described;

/** People made from orders, and what programs read of orders. */
final class PeopleTest extends AppTestCase
{
    use Described;

    private Stall $stall;

    private ListingVariant $variant;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->stall = $this->world->stall($this->signIn());
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
    }

    public function test_somebody_who_came_back_is_one_person_however_they_write_their_mail(): void
    {
        $first = $this->buy();
        $second = $this->buy(['email' => 'INES@Fennimore.example', 'name' => 'Ines F.']);
        $this->buy(['email' => 'bram@holloway.example', 'name' => 'Bram Holloway']);
        $this->post(route('counter.refund', [$this->stall, $second]), ['key' => 'a', 'besides' => '5.00']);
        SignUps::agree($this->stall, 'ines@fennimore.example', 'News, now and then', 'checkout');
        $this->get(route('counter.people', $this->stall))->assertInertia(fn ($page) => $page
            ->has('people', 2)
            ->where('people.1.came', 'came back once')
            ->where('people.1.name', 'Ines F.')
            ->where('people.1.spent.text', '£64.70'));
        foreach (['ines f' => 1, 'holloway.example' => 1, 'nobody' => 0, '%' => 0] as $said => $count) {
            $this->get(route('counter.people', [$this->stall, 'q' => $said]))->assertInertia(fn ($page) => $page->has('people', $count));
        }
        $this->put(route('counter.person.note', [$this->stall, $first]), ['words' => 'Likes leeks.']);
        $this->get(route('counter.person', [$this->stall, $second]))->assertInertia(fn ($page) => $page
            ->has('orders', 2)
            ->where('note', 'Likes leeks.')
            ->where('consents.0.consent', 'News, now and then')
            ->where('person.kept.sign', 1));
        $out = $this->get(route('counter.person.out', [$this->stall, $first]))->assertOk()->json();
        self::assertSame(['ines@fennimore.example', 2, 'Likes leeks.'], [$out['email'], count($out['orders']), $out['note']]);
        self::assertSame('4 Pound Row', $out['orders'][0]['address']['street']);
    }

    public function test_two_addresses_of_the_same_person_are_joined_by_hand_and_parted_again(): void
    {
        $first = $this->buy();
        $second = $this->buy(['email' => 'ines@work.example']);
        $third = $this->buy(['email' => 'i.f@post.example', 'name' => 'I. F.', 'postcode' => 'AL4 7QA']);
        $this->put(route('counter.person.note', [$this->stall, $second]), ['words' => 'Collects trowels.']);
        $this->get(route('counter.person', [$this->stall, $first]))->assertInertia(fn ($page) => $page
            ->where('alike', [['email' => 'ines@work.example', 'name' => 'Ines Fennimore', 'town' => 'Aldermere']])
            ->has('orders', 1));
        $same = fn (Order $whose, string $email, bool $apart = false) => $this->post(
            route('counter.person.same', [$this->stall, $whose]),
            compact('email', 'apart'),
        );
        $same($second, 'I.F@post.example ')->assertSessionHas('say', 'They are one person now.');
        // Who was joined to somebody comes along.
        $same($first, 'ines@work.example')->assertSessionHas('say');
        $same($third, 'ines@fennimore.example')->assertSessionHasErrors(['said' => 'That is them already.']);
        $same($first, 'nobody@nowhere.example')->assertSessionHasErrors(['said' => 'Nobody bought with that address.']);
        foreach ([$first, $second, $third] as $order) {
            $this->get(route('counter.person', [$this->stall, $order]))->assertInertia(fn ($page) => $page
                ->has('orders', 3)
                ->where('person.email', 'ines@fennimore.example')
                ->where('person.id', $first->id)
                ->where('also', ['i.f@post.example', 'ines@work.example'])
                ->where('note', 'Collects trowels.')
                ->has('thread', 3));
        }
        $this->get(route('counter.people', $this->stall))->assertInertia(fn ($page) => $page
            ->has('people', 1)
            ->where('people.0.came', 'came back twice'));
        self::assertSame([$first->id], array_column(People::after($this->stall, 0, 10), 'id'));
        self::assertSame([], People::after($this->stall, $first->id, 10));
        $same($first, 'i.f@post.example', apart: true);
        $this->get(route('counter.people', $this->stall))->assertInertia(fn ($page) => $page->has('people', 2));
        Order::of($this->stall)->update(['state' => 'refunded']);
        $this->delete(route('counter.person.forget', [$this->stall, $first]))->assertSessionHas('say');
        self::assertSame(['', '', 'i.f@post.example'], Order::of($this->stall)->orderBy('id')->pluck('email')->all());
        self::assertSame(0, DB::table('people_joined')->count());
    }

    public function test_whoever_is_forgotten_is_nowhere_but_in_the_books(): void
    {
        $order = $this->buy();
        $forget = fn (): TestResponse => $this->delete(route('counter.person.forget', [$this->stall, $order]));
        $order->supplierOrders()->update(['state' => State::Accepted]);
        $forget()->assertSessionHasErrors(['said' => sprintf('Order %d is still under way. Forget them once it is done.', $order->number)]);
        $order->supplierOrders()->update(['state' => State::Posted]);
        DB::table('people_notes')->insert(['stall_id' => $this->stall->id, 'email' => $order->email, 'words' => 'x', 'said_at' => now()]);
        SignUps::agree($this->stall, $order->email, 'News', 'checkout');
        $before = $order->only(['total_minor', 'tax_minor', 'number']);
        $forget()->assertSessionHas('say');
        $order->refresh();
        self::assertSame(['–', '', '', ''], [$order->name, $order->email, $order->street, $order->postcode]);
        self::assertSame($before, $order->only(['total_minor', 'tax_minor', 'number']));
        self::assertContains('Ines Fennimore', $order->papers->firstOrFail()->said['buyer'], 'the law asks for the invoice as it was');
        foreach (['people_notes', 'sign_ups'] as $table) {
            self::assertSame(0, DB::table($table)->where('stall_id', $this->stall->id)->count(), $table);
        }
        self::assertStringNotContainsString('fennimore', json_encode(DB::table('orders')->where('id', $order->id)->first(), JSON_THROW_ON_ERROR));
        $this->get(route('counter.orders', [$this->stall, 'q' => 'fennimore']))->assertInertia(fn ($page) => $page->has('orders', 0));
        $forget()->assertNotFound();
    }

    public function test_programs_read_orders_parcels_refunds_and_people_and_post_a_parcels_tracking(): void
    {
        $hook = $this->stall->hasMany(\WindowStall\Hooks\Hook::class)->create([
            'address' => 'https://hooks.example/',
            'secret' => 'whsec_x',
            'events' => array_column(HookEvent::cases(), 'value'),
        ]);
        $order = $this->buy();
        $other = $this->buy(['email' => 'bram@holloway.example']);
        $order->supplierOrders()->update(['state' => State::Accepted]);
        $line = $order->lines()->sole();
        $this->post(route('counter.refund', [$this->stall, $other]), ['key' => 'a', 'besides' => '2.00']);
        Artisan::call('stall:token', ['handle' => $this->stall->handle, '--decide' => true]);
        $this->withToken(trim(Artisan::output()));
        $post = fn (array $with): TestResponse => $this->postJson('/api/v1/orders/'.$order->id.'/parcels', $with + [
            'carrier' => 'Longfurrow Parcels',
            'tracking' => 'LF7',
            'lines' => [['line' => $line->id, 'pieces' => 1]],
        ]);
        $made = $post([])->assertOk();
        self::assertDescribed($made, 'post', '/orders/{order}/parcels');
        self::assertSame($made->json('id'), $post([])->assertOk()->json('id'));
        $post(['tracking' => 'LF8', 'lines' => [['line' => $line->id, 'pieces' => 9]]])->assertOk()->assertJsonPath('lines.0.pieces', 1);
        $post(['tracking' => 'LF9'])->assertUnprocessable();
        $post(['lines' => [['line' => $other->lines()->sole()->id, 'pieces' => 1]]])->assertUnprocessable();
        foreach (['orders' => 2, 'parcels' => 2, 'refunds' => 1, 'people' => 2] as $list => $count) {
            $said = $this->getJson('/api/v1/'.$list)->assertOk()->assertJsonCount($count, 'data');
            self::assertDescribed($said, 'get', '/'.$list);
            $page = $this->getJson('/api/v1/'.$list.'?limit=1')->assertOk();
            self::assertSame($count > 1 ? $page->json('data.0.id') : null, $page->json('next'));
        }
        self::assertDescribed($this->getJson('/api/v1/orders/'.$order->id)->assertOk(), 'get', '/orders/{order}');
        $this->getJson('/api/v1/orders/999999')->assertNotFound();
        self::assertSame(
            ['order.paid' => 2, 'order.refunded' => 1, 'parcel.posted' => 2],
            DB::table('hook_deliveries')->where('hook_id', $hook->id)->selectRaw('event, count(*) AS count')->groupBy('event')
                ->orderBy('event')->pluck('count', 'event')->all(),
        );
        Artisan::call('stall:token', ['handle' => $this->stall->handle]);
        app('auth')->forgetGuards();
        $this->withToken(trim(Artisan::output()));
        $post([])->assertForbidden();
    }

    /** @param  array<string, string>  $with */
    private function buy(array $with = []): Order
    {
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->variant, 2);
        $shopper->checkOut($with)->assertRedirect();

        return $shopper->pay($shopper->order());
    }
}
