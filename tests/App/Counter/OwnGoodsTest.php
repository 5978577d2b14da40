<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Jobs\EndTimes;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** A file and something done at a time, from the bench to whoever bought them: nothing is posted, and nobody is asked for it. */
final class OwnGoodsTest extends AppTestCase
{
    private Stall $stall;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-02 10:00:00');
        $this->stall = $this->world->stall($this->signIn());
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_a_file_is_sold_without_delivery_and_fetched_as_often_as_the_stall_says(): void
    {
        $listing = $this->make(['giving' => 'download', 'name' => 'A planting plan', 'price' => '9.50']);
        $this->file($listing, 'plan.pdf', 'first')->assertOk()->assertJsonPath('supplier.own.file', 'plan.pdf');
        $this->say($listing, ['times' => 2, 'days' => 30])->assertOk();
        $variant = $this->show($listing);
        $this->get($this->stall->shopAddress('/goods/'.$listing->refresh()->slug))
            ->assertSee('Yours as soon as it is paid')
            ->assertDontSee('Posted from')
            ->assertDontSee('Delivery £')
            ->assertDontSee('data-arrival');
        $keep = $variant->prices()->firstOrFail()->keep_minor;
        self::assertLessThan(950 - 158, $keep, 'no delivery is charged that could be kept');
        $this->getJson(route('bench.till', [$this->stall, $listing, 'variant' => $variant->id, 'price' => '9.50']))
            ->assertJsonPath('charged', null);
        $this->shopper->put($variant);
        $this->shopper->send('get', '/checkout')->assertDontSee('Delivery to')->assertSee('9.50');
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame([OrderState::Paid, 950, 0, 0], [
            $order->state, $order->total_minor, $order->delivery_minor, $order->supplierOrders()->count(),
        ]);
        $till = OrderFigures::till($order);
        self::assertSame([0, 0, $keep], [$till->goods->minor, $till->delivery->minor, $till->keep->minor], 'as was foretold');
        $this->page($order)
            ->assertSee('Your files')
            ->assertSee('How often it can still be fetched: 2, until 1 January 2027')
            ->assertDontSee('where your parcel is');
        self::assertSame('first', $this->fetch($order)->streamedContent());
        // A newer one is what everybody gets from then on.
        $this->file($listing, 'plan.pdf', 'second');
        self::assertSame('second', $this->fetch($order)->assertDownload('plan.pdf')->streamedContent());
        $this->fetch($order)->assertRedirect('/orders/'.$order->token.'#files');
        $this->page($order)->assertSee('It can’t be fetched any more');
        self::assertSame(2, DB::table('file_fetches')->count());
        $this->get(route('counter.order', [$this->stall, $order]))->assertInertia(fn ($page) => $page->where(
            'order.lines.0.given',
            'Fetched 2 times, last 2 Dec 2026, 10:00, 0 more until 1 January 2027.',
        ));
    }

    public function test_it_ends_with_its_days_and_with_its_money_and_isnt_there_for_others(): void
    {
        $variant = $this->show($listing = $this->make(['giving' => 'download', 'name' => 'A planting plan', 'price' => '9.50']));
        $order = $this->shopper->buy($variant);
        $this->page($order)->assertSee('It isn’t there yet');
        $this->fetch($order)->assertRedirect();
        $this->file($listing, '../\\"plan".pdf', 'all')->assertJsonPath('supplier.own.file', 'plan .pdf');
        $this->fetch($order)->assertOk();
        $other = $this->shopper->buy($variant);
        $line = $order->lines()->firstOrFail()->id;
        $this->shopper->send('post', '/orders/'.$other->token.'/files/'.$line)->assertNotFound();
        $this->shopper->send('get', '/orders/'.$other->token.'/files/'.$line)->assertNotFound();
        $this->shopper->send('post', '/orders/'.$order->token.'/cancel');
        self::assertSame(OrderState::Paid, $order->refresh()->state, 'what was fetched isn’t cancelled any more');
        $this->shopper->send('post', '/orders/'.$other->token.'/cancel');
        $this->fetch($other)->assertRedirect();
        $this->travel(61)->days();
        $this->fetch($order)->assertRedirect();
    }

    public function test_places_are_sold_until_they_are_gone_and_come_back_with_the_money(): void
    {
        $listing = $this->make($this->afternoon());
        $this->say($listing, ['appointments' => [
            ['at' => '2026-12-12T14:00', 'places' => '2'],
            ['at' => '2026-12-13T14:00', 'places' => '5'],
        ]])->assertOk()->assertJsonPath('supplier.own.appointments.1.places', 5);
        $first = $this->show($listing);
        self::assertSame([3_500, 3_500], $this->prices($listing), 'a new time costs what the others do');
        $earlier = ['at' => '2026-12-11T09:00', 'places' => '1'];
        $times = [['at' => '2026-12-12T14:00', 'places' => '2'], ['at' => '2026-12-13T14:00', 'places' => '5']];
        $this->say($listing, ['appointments' => [...$times, $earlier]])->assertOk();
        self::assertStringEndsWith(
            '20261211T0900',
            $listing->variants()->orderBy('position')->firstOrFail()->external_id,
            'the earliest stands first',
        );
        $this->say($listing, ['appointments' => $times])->assertOk();
        $this->get($this->stall->shopAddress('/goods/'.$listing->refresh()->slug))
            ->assertSee('Sat 12 Dec 2026, 14:00')
            ->assertSee('2 places left');
        $order = $this->shopper->buy($first, 2);
        self::assertSame('Sat 12 Dec 2026, 14:00', $order->lines()->firstOrFail()->label);
        $this->shopper->put($first)->assertStatus(422)->assertSee('has sold out');
        $this->say($listing, ['appointments' => [['at' => '2026-12-13T14:00', 'places' => '5']]])
            ->assertStatus(422)
            ->assertSee('2 places are taken on Sat 12 Dec 2026, 14:00');
        app(GiveBack::class)($order->load(['lines', 'refunds']), new RefundWish('whole'));
        $this->shopper->put($first)->assertRedirect();
        $this->say($listing, ['appointments' => [['at' => '2026-12-13T14:00', 'places' => '5']]])->assertOk();
    }

    public function test_what_began_isnt_sold_any_more_by_the_clock_of_the_stall(): void
    {
        $this->stall->update(['zone' => 'America/New_York']);
        $variant = $this->show($this->make($this->afternoon()));
        // 14:00 there is 19:00 in UTC.
        $this->travelTo('2026-12-12 18:59:00');
        EndTimes::dispatchSync();
        self::assertSame(2, $variant->selling()->refresh()->stock);
        $this->travelTo('2026-12-12 19:00:00');
        EndTimes::dispatchSync();
        $this->shopper->put($variant)->assertStatus(422);
        self::assertSame(0, $variant->selling()->refresh()->stock);
    }

    public function test_together_with_goods_that_are_posted_only_those_are_sent(): void
    {
        $posted = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(50);
        $this->shopper->put($this->show($this->make(['giving' => 'download', 'name' => 'A plan', 'price' => '9.50'])));
        $this->shopper->put($posted);
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame(295, $order->delivery_minor);
        self::assertSame([1], $order->supplierOrders->map(static fn ($row): int => $row->lines()->count())->all());
        self::assertNull($order->lines()->whereNotNull('giving')->firstOrFail()->promised_to);
    }

    public function test_it_is_sold_abroad_as_at_home_and_taxed_as_there(): void
    {
        $this->world->market($this->stall, 'IE', 900, ['tax_bp' => 2_300]);
        $this->postJson(route('delivery.places.store', $this->stall), [
            'covers' => [['country' => 'IE']], 'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.95']]],
        ])->assertOk();
        $variant = $this->show($this->make(['giving' => 'download', 'name' => 'A plan', 'price' => '9.50']));
        $this->shopper->put($variant);
        $this->shopper->checkOut(['country' => 'IE', 'postcode' => 'D02 X285', 'part' => '', 'total' => 950])->assertRedirect();
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame([OrderState::Paid, 'IE', 0, 2_300], [$order->state, $order->country, $order->delivery_minor, $order->tax_bp]);
    }

    public function test_what_cant_be_so_is_said(): void
    {
        $refused = fn (array $typed): string => (string) $this->postJson(route('bench.own', $this->stall), $typed)
            ->assertUnprocessable()
            ->json('message');
        self::assertStringContainsString('called', $refused(['giving' => 'download', 'name' => '', 'price' => '1']));
        self::assertStringContainsString('cost', $refused(['giving' => 'download', 'name' => 'A plan', 'price' => '0']));
        self::assertStringContainsString('no day', $refused(['at' => 'soon'] + $this->afternoon()));
        self::assertStringContainsString('from 1 to 500', $refused(['places' => '-1'] + $this->afternoon()));
        self::assertSame(0, Listing::of($this->stall)->count());
        $plan = $this->make(['giving' => 'download', 'name' => 'A plan', 'price' => '9.50']);
        $this->say($plan, ['times' => 0])->assertStatus(422)->assertSee('from 1 to 100');
        $this->file($plan, 'empty.pdf', '')->assertStatus(422)->assertSee('empty');
        self::assertSame([], SupplierConnection::of($this->stall)->pluck('kind')->all(), 'nobody’s supplier');
    }

    /** @return array<string, string> */
    private function afternoon(): array
    {
        return [
            'giving' => 'appointment', 'name' => 'An afternoon of grafting', 'price' => '35', 'at' => '2026-12-12T14:00', 'places' => '2',
        ];
    }

    /** @param  array<string, string>  $typed */
    private function make(array $typed): Listing
    {
        $this->postJson(route('bench.own', $this->stall), $typed)->assertCreated();

        return Listing::of($this->stall)->latest('id')->firstOrFail();
    }

    /** In the window, with a picture. @return ListingVariant its first */
    private function show(Listing $listing): ListingVariant
    {
        $picture = Picture::query()->create([
            'listing_id' => $listing->id,
            'stall_id' => $this->stall->id,
            'state' => Picture::READY,
            'path' => 'x/'.$listing->id.'/0123456789abcdef',
            'width' => 1200,
            'height' => 1200,
        ]);
        $listing->refresh()->update(['own_pictures' => [$picture->id]]);
        $this->world->meant($this->stall, $listing);
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->whereKey($listing->id)->get());
        self::assertSame(ListingState::InWindow, $listing->refresh()->state);

        return $listing->variants()->orderBy('position')->firstOrFail();
    }

    /** @return list<int|null> */
    private function prices(Listing $listing): array
    {
        return array_values($listing->variants()->get()->map(static fn (ListingVariant $v): ?int => $v->own_price_minor)->all());
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function say(Listing $listing, array $what): TestResponse
    {
        return $this->putJson(route('bench.own.update', [$this->stall, $listing]), $what);
    }

    /** @return TestResponse<Response> */
    private function file(Listing $listing, string $name, string $content): TestResponse
    {
        return $this->post(
            route('bench.own.file', [$this->stall, $listing]),
            ['file' => UploadedFile::fake()->createWithContent($name, $content)],
            ['Accept' => 'application/json'],
        );
    }

    /** @return TestResponse<Response> */
    private function page(Order $order): TestResponse
    {
        return $this->shopper->send('get', '/orders/'.$order->token)->assertOk();
    }

    /** @return TestResponse<Response> */
    private function fetch(Order $order): TestResponse
    {
        return $this->shopper->send('post', '/orders/'.$order->token.'/files/'.$order->lines()->firstOrFail()->id);
    }
}
