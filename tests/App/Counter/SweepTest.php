<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Queue\QueueManager;
use Illuminate\Queue\QueueServiceProvider;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\RecountPromises;
use WindowStall\Counter\Reservations;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Queue\FairConnector;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** What is left lying: shoppers who close the page, payments nobody comes back for, promises after a pull. */
final class SweepTest extends AppTestCase
{
    private Stall $stall;

    private Shopper $shopper;

    private int $supplierVariant;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake([SendSupplierOrder::class, \WindowStall\Bench\Jobs\FetchPictures::class]);
        $this->stall = $this->world->stall();
        // Oakum doesn't know this variant; when its count can't be had, ours stands.
        $variant = $this->world
            ->inWindow($this->stall, Items::item([Items::variant('sweep')]))
            ->variants()
            ->firstOrFail();
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->supplierVariant = $variant->supplier_variant_id;
        $this->shopper = new Shopper($this, $this->stall);
        $this->shopper->put($variant, 2);
        $this->shopper->checkOut()->assertRedirect();
    }

    public function test_a_shopper_who_approves_and_closes_the_page_is_served_all_the_same(): void
    {
        $order = $this->shopper->pay($this->shopper->order(), comeBack: false);
        self::assertSame(OrderState::AwaitingPayment, $order->state);
        $this->sweepLater();
        self::assertSame(OrderState::Paid, $order->refresh()->state);
        Queue::assertPushed(SendSupplierOrder::class, 1);
        $this->sweepLater();
        self::assertSame(1, $order->supplierOrders()->count());
    }

    public function test_a_payment_approved_after_its_pieces_were_free_again_takes_them_anew_or_is_let_go(): void
    {
        foreach (['still there' => [40, OrderState::Paid], 'sold meanwhile' => [1, OrderState::SoldOut]] as [$stock, $ends]) {
            $order = $this->shopper->order();
            app(Reservations::class)->make($order->load('lines'));
            $this->travel(11)->minutes();
            self::assertTrue(app(Reservations::class)->end($order));
            self::assertNull($order->refresh()->reserved_until);
            SupplierVariant::query()->whereKey($this->supplierVariant)->update(['stock' => $stock]);

            $order = $this->shopper->pay($order);

            self::assertSame($ends, $order->refresh()->state);
            if ($ends === OrderState::Paid) {
                $variant = $order->lines()->firstOrFail()->listing_variant_id;
                $this->shopper->put(ListingVariant::query()->findOrFail($variant), 2);
                $this->shopper->checkOut()->assertRedirect();
            }
        }
    }

    public function test_a_payment_nobody_comes_back_for_is_let_go_after_a_day(): void
    {
        $order = $this->shopper->order();
        $this->sweepLater();
        self::assertSame(OrderState::AwaitingPayment, $order->refresh()->state);
        $this->travel(25)->hours();
        $this->sweepLater();
        self::assertSame(OrderState::PaymentLapsed, $order->refresh()->state);
        self::assertSame(
            'void',
            DB::connection('payment')->table('payments')->where('id', $order->payment_id)->value('state'),
        );
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('Nothing was charged.');
    }

    public function test_after_a_pull_only_what_wasnt_sent_yet_is_still_promised(): void
    {
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame(2, $this->promised());
        $connection = SupplierConnection::of($this->stall)->firstOrFail();
        app(RecountPromises::class)($connection);
        self::assertSame(2, $this->promised(), 'the supplier doesn’t know of it yet');
        $order->supplierOrders()->update(['state' => 'sent']);
        app(RecountPromises::class)($connection);
        self::assertSame(0, $this->promised(), 'its own count leaves the two out now');
    }

    public function test_the_counter_shows_what_was_paid_and_counts_what_waits(): void
    {
        $this->signIn();
        $this->get(route('counter', $this->stall))->assertInertia(
            fn ($page) => $page->where('desk.orders', 0)->where('desk.unpaid', 1),
        );
        $this->shopper->pay($this->shopper->order());
        $this->get(route('counter', $this->stall))->assertInertia(
            fn ($page) => $page
                ->where('desk.orders', 1)
                ->where('desk.unpaid', 0)
                ->has('desk.underWay', 1)
                ->where('desk.underWay.0.note', 'not sent yet')
                ->where('frame.toDecide', 0),
        );
        $this->get(route('counter.orders', $this->stall))->assertInertia(
            fn ($page) => $page->has('orders', 1)->where('orders.0.costConfirmed', false),
        );
    }

    public function test_what_the_sweep_sets_is_done_in_the_stall_it_belongs_to(): void
    {
        $this->shopper->order();
        self::assertSame([['SettlePayment', $this->stall->id]], $this->setBySweep());
    }

    public function test_so_is_the_question_after_a_silent_suppliers_order(): void
    {
        $row = $this->shopper->pay($this->shopper->order())->supplierOrders()->firstOrFail();
        $row->update(['state' => 'sent', 'external_id' => '1', 'asked_at' => now()->subMinutes(5)]);
        self::assertSame([['AskSupplier', $this->stall->id]], $this->setBySweep());
    }

    /** @return list<array{string, int}> the jobs that a sweep sets, as a worker finds them, and their stalls */
    private function setBySweep(): array
    {
        Queue::swap(new QueueManager($this->app));
        (new QueueServiceProvider($this->app))->registerConnectors(Queue::getFacadeRoot());
        Queue::addConnector('fair', fn (): FairConnector => new FairConnector($this->app['db']));
        config(['queue.default' => 'database']);
        $this->travel(SweepSupplierOrders::SILENCE + 5)->seconds();
        (new SweepSupplierOrders())->handle();

        return array_values(
            DB::table('jobs')
                // The running instance's scheduler sets sweeps meanwhile.
                ->where('queue', '!=', 'sweeps')
                ->orderBy('id')
                ->get()
                ->map(static fn (\stdClass $j): array => json_decode($j->payload, true))
                ->map(static fn (array $p): array => [class_basename($p['displayName']), $p['stall']])
                ->all(),
        );
    }

    private function sweepLater(): void
    {
        $this->travel(SweepSupplierOrders::SILENCE + 5)->seconds();
        SweepSupplierOrders::dispatchSync();
    }

    /** @phpstan-impure */
    private function promised(): int
    {
        return SupplierVariant::query()->findOrFail($this->supplierVariant)->promised;
    }
}
