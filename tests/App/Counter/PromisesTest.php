<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Listing;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Order;
use WindowStall\Counter\RecountPromises;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\RefundWish;
use WindowStall\Counter\Reservations;
use WindowStall\Counter\SoldOut;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Whatever is reserved, let go, paid, sent, refunded and counted anew, in any order: no piece is promised to two. */
final class PromisesTest extends AppTestCase
{
    private const STOCK = 9;

    private Stall $stall;

    /** @var list<int> the supplier's variants */
    private array $variants;

    /** @var list<int> the listing's */
    private array $listed;

    private Reservations $reservations;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->stall = $this->world->stall($this->signIn());
        $listing = $this->world->inWindow($this->stall, Items::item([
            Items::variant('a', stock: self::STOCK),
            Items::variant('b', 620, self::STOCK, 'CPR-02'),
        ]));
        $rows = $listing->variants()->orderBy('position')->get();
        $this->variants = array_values($rows->map(static fn ($v): int => $v->supplier_variant_id)->all());
        $this->listed = array_values($rows->map(static fn ($v): int => $v->id)->all());
        $this->reservations = app(Reservations::class);
    }

    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([4])]
    public function test_what_is_promised_is_what_orders_hold(int $seed): void
    {
        mt_srand($seed);
        $orders = array_map(fn (int $n): Order => $this->order($n), range(1, 8));
        /** @var array<int, array<int, int>> $held  order → variant → pieces that it holds */
        $held = [];
        for ($step = 0; $step < 120; $step++) {
            $order = $orders[mt_rand(0, 7)]->refresh();
            $holds = isset($held[$order->id]);
            $waits = $order->state === OrderState::AwaitingPayment;
            switch (mt_rand(0, 6)) {
                case 0:
                case 1:
                    $fits = $this->fits($order, $held);
                    try {
                        $this->reservations->make($order->load('lines'));
                        self::assertTrue($holds || $fits || ! $waits, 'more was taken aside than there is');
                        if ($waits) {
                            $held[$order->id] = $this->pieces($order);
                        }
                    } catch (SoldOut $out) {
                        self::assertFalse($holds || $fits, $out->getMessage());
                    }
                    break;
                case 2:
                    $this->reservations->release($order);
                    if ($waits) {
                        unset($held[$order->id]);
                    }
                    break;
                case 3:
                    if ($waits && $holds) {
                        $this->paid($order);
                    }
                    break;
                case 4:
                    try {
                        app(GiveBack::class)($order, new RefundWish('back'));
                        unset($held[$order->id]);
                    } catch (Refusal) {
                        self::assertNotSame(OrderState::Paid, $order->state);
                    }
                    break;
                case 5:
                    $this->travel(11)->minutes();
                    self::assertSame($waits && $holds, $this->reservations->end($order));
                    if ($waits) {
                        unset($held[$order->id]);
                    }
                    break;
                default:
                    app(RecountPromises::class)(SupplierConnection::of($this->stall)->firstOrFail());
            }
            $this->agrees($held);
        }
    }

    public function test_a_line_that_cant_be_had_takes_none_of_the_others(): void
    {
        $full = $this->order(1, [2, self::STOCK + 1]);
        try {
            $this->reservations->make($full->load('lines'));
            self::fail('There are not so many.');
        } catch (SoldOut $out) {
            self::assertStringContainsString('sold out while you were paying', $out->getMessage());
        }
        $this->agrees([]);
        self::assertNull($full->refresh()->reserved_until);

        // For an order whose money is taken already there is no way back: the supplier will say.
        $this->reservations->make($full->load('lines'), whateverIsLeft: true);
        self::assertSame([2, self::STOCK + 1], $this->promised());
    }

    public function test_keeping_them_longer_doesnt_take_more(): void
    {
        $order = $this->order(1, [3, 0]);
        foreach ([1, 2, 3] as $again) {
            $this->travel(1)->minutes();
            $this->reservations->make($order->load('lines'));
        }
        self::assertSame([3, 0], $this->promised());
        self::assertTrue($order->refresh()->reserved_until?->isFuture());
        foreach ([1, 2] as $again) {
            $this->reservations->release($order);
        }
        self::assertSame([0, 0], $this->promised());
    }

    public function test_what_was_paid_isnt_let_go_by_a_late_release(): void
    {
        $order = $this->order(1, [4, 0]);
        $this->reservations->make($order->load('lines'));
        $this->paid($order);
        $this->reservations->release($order->refresh());
        self::assertSame([4, 0], $this->promised());
        self::assertSame([self::STOCK - 4, self::STOCK], $this->left());
    }

    public function test_pieces_whose_time_is_over_are_free_again_by_themselves_but_not_while_somebody_settles(): void
    {
        $order = $this->order(1, [4, 0]);
        $this->reservations->make($order->load('lines'));
        $this->travel(9)->minutes();
        (new SweepSupplierOrders())->handle();
        self::assertSame([4, 0], $this->promised(), 'ten minutes were promised');
        $this->travel(2)->minutes();
        $order->update(['settling_until' => now()->addMinute()]);
        (new SweepSupplierOrders())->handle();
        self::assertSame([4, 0], $this->promised(), 'somebody has it in hand');
        $order->update(['settling_until' => null]);
        (new SweepSupplierOrders())->handle();
        self::assertSame([0, 0], $this->promised());
        self::assertSame([self::STOCK, self::STOCK], $this->left());
        (new SweepSupplierOrders())->handle();
        self::assertSame([0, 0], $this->promised(), 'and only once');
    }

    public function test_putting_back_never_goes_below_nothing(): void
    {
        $this->reservations->putBack([$this->variants[0] => 5]);
        self::assertSame([0, 0], $this->promised());
    }

    /** @param  array<int, array<int, int>>  $held */
    private function agrees(array $held): void
    {
        $sum = [];
        foreach ($this->variants as $variant) {
            $sum[] = array_sum(array_map(static fn (array $pieces): int => $pieces[$variant] ?? 0, $held));
        }
        self::assertSame($sum, $this->promised());
        foreach ($this->left() as $left) {
            self::assertGreaterThanOrEqual(0, $left);
        }
    }

    /** @param  array<int, array<int, int>>  $held */
    private function fits(Order $order, array $held): bool
    {
        unset($held[$order->id]);
        foreach ($this->pieces($order) as $variant => $pieces) {
            $taken = array_sum(array_map(static fn (array $some): int => $some[$variant] ?? 0, $held));
            if ($taken + $pieces > self::STOCK) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, int> variant → pieces */
    private function pieces(Order $order): array
    {
        return array_map(intval(...), $order->lines()->pluck('quantity', 'supplier_variant_id')->all());
    }

    /** Paid, with its order to the supplier waiting to be sent. */
    private function paid(Order $order): void
    {
        $order->update(['state' => OrderState::Paid, 'paid_at' => now(), 'reserved_until' => null]);
        $sent = $order->supplierOrders()->create([
            'connection_id' => SupplierConnection::of($this->stall)->value('id'),
            'idempotency_key' => (string) Str::uuid(),
            'state' => 'to_send',
            'goods_minor' => 1,
            'delivery_minor' => 1,
        ]);
        $order->lines()->update(['supplier_order_id' => $sent->id]);
    }

    /** @param  array{int, int}|null  $pieces  of either variant; by chance when null */
    private function order(int $n, ?array $pieces = null): Order
    {
        $variant = Listing::of($this->stall)->firstOrFail()->variants()->firstOrFail();
        $order = Order::query()->findOrFail($this->world->order($this->stall, $variant, 1, null));
        $order->lines()->delete();
        $order->update(['state' => OrderState::AwaitingPayment, 'payment_id' => 'p'.$n]);
        foreach ($pieces ?? [mt_rand(0, 4), mt_rand(1, 4)] as $at => $count) {
            if ($count > 0) {
                $order->lines()->create([
                    'listing_variant_id' => $this->listed[$at],
                    'supplier_variant_id' => $this->variants[$at],
                    'title' => 'Trowel',
                    'label' => '',
                    'quantity' => $count,
                    'unit_minor' => 1_000,
                ]);
            }
        }

        return $order->refresh();
    }

    /** @return list<int> of either variant */
    private function promised(): array
    {
        return array_map(
            static fn (int $id): int => (int) DB::table('supplier_variants')->where('id', $id)->value('promised'),
            $this->variants,
        );
    }

    /** @return list<int> what can be sold of either */
    private function left(): array
    {
        return array_map(
            static fn (int $id): int => (int) SupplierVariant::query()->findOrFail($id)->stock
                - (int) SupplierVariant::query()->findOrFail($id)->promised,
            $this->variants,
        );
    }
}
