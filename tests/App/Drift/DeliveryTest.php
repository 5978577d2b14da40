<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Facades\Storage;
use WindowStall\Bench\Listing;
use WindowStall\Bench\TakeToBench;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\RunState;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Feeds\Samples;

/** What a supplier charges otherwise for delivery is a change like that of a cost: followed, or asked about. */
final class DeliveryTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->supplier = $this->world->feed($this->stall, Samples::table(4), Samples::mapping());
        $this->pull();
        $first = (int) SupplierItem::of($this->stall)->orderBy('id')->value('id');
        $this->listing = app(TakeToBench::class)($this->stall, [$first])->new[0] ?? self::fail('not taken');
    }

    public function test_it_is_followed_and_its_money_is_said(): void
    {
        $before = $this->price();
        $this->charge('5.45');
        $change = DriftChange::query()->sole();
        self::assertSame(
            [Standing::Followed, '4.95 GBP', '5.45 GBP', 1010],
            [$change->standing, $change->before, $change->after, $change->moved_bp],
        );
        self::assertSame([$before, $this->price()], [$change->price_was, $change->price_agreed]);
        self::assertGreaterThan($before, $this->price());
        $this->pull();
        self::assertSame(1, DriftChange::query()->count(), 'and noted once');
    }

    public function test_where_it_asks_the_price_stands_until_somebody_agrees(): void
    {
        $this->supplier->update(['policies' => ['delivery' => 'ask']]);
        $before = $this->price();
        $this->charge('5.45');
        $this->charge('5.95');
        $change = DriftChange::query()->sole();
        self::assertSame(
            [Standing::Asks, '4.95 GBP', '5.95 GBP'],
            [$change->standing, $change->before, $change->after],
        );
        self::assertSame($before, $this->price());
        $this->get(route('drift', $this->stall))->assertInertia(
            fn ($page) => $page->where(
                'desk.groups.0.headline',
                'Kilnfold changed what delivery of a variant costs by 20%',
            ),
        );
        self::assertSame(1, $this->world->agree($this->stall));
        self::assertGreaterThan($before, $this->price());
    }

    public function test_what_its_supplier_takes_back_isnt_asked_and_what_rules_let_through_by_then_follows(): void
    {
        $this->supplier->update(['policies' => ['delivery' => 'ask']]);
        $before = $this->price();
        $this->charge('5.45');
        $this->charge('4.95');
        self::assertSame(
            [Standing::Settled, 'the supplier took it back', $before],
            [DriftChange::query()->sole()->standing, DriftChange::query()->sole()->rule, $this->price()],
        );
        $this->charge('5.45');
        $this->supplier->refresh()->update(['policies' => []]);
        $this->charge('5.95');
        $last = DriftChange::query()->latest('id')->firstOrFail();
        self::assertSame([2, Standing::Followed], [DriftChange::query()->count(), $last->standing]);
        self::assertNull($this->listing->variants()->sole()->waiting_price_minor);
        self::assertGreaterThan($before, $this->price());
    }

    public function test_over_cost_and_delivery_together_one_price_waits_until_neither_asks(): void
    {
        $this->supplier->update(['policies' => ['delivery' => 'ask']]);
        $before = $this->price();
        $this->raiseCost();
        $this->charge('5.45');
        self::assertSame(['cost', 'delivery'], $this->asking());
        // The supplier takes one back: the price goes on waiting over the other.
        $this->charge('4.95');
        self::assertSame([['cost'], $before], [$this->asking(), $this->price()]);
        $this->charge('5.45');
        // Whoever agrees to one agrees to the price, which is what both ask about.
        $cost = (int) DriftChange::query()->where('kind', 'cost')->where('standing', 'asks')->value('id');
        $step = app(Decide::class)($this->stall, null, [$cost], agree: true, for: 'supplier');
        self::assertSame([], $this->asking());
        self::assertGreaterThan($before, $this->price());
        $policies = $this->supplier->refresh()->policies;
        self::assertSame('ask', $policies['delivery'], 'from now on is said of what was named');
        app(Undo::class)->take($this->stall, $step);
        self::assertSame([['cost', 'delivery'], $before], [$this->asking(), $this->price()]);
    }

    /** @return list<string> */
    private function asking(): array
    {
        $asks = DriftChange::query()->where('standing', 'asks')->get();

        return array_values($asks->map(static fn (DriftChange $change): string => $change->kind->value)->sort()->all());
    }

    private function raiseCost(): void
    {
        $dearer = str_replace('5,10', '7,50', Samples::table(4));
        Storage::put($this->supplier->refresh()->settings['file'], $dearer);
        $this->pull();
    }

    public function test_a_price_by_hand_stays(): void
    {
        $this->listing
            ->variants()
            ->sole()
            ->update(['own_price_minor' => 2_222]);
        $this->charge('5.45');
        self::assertSame(Standing::Kept, DriftChange::query()->sole()->standing);
        self::assertSame(2_222, $this->price());
    }

    private function charge(string $delivery): void
    {
        $this->supplier
            ->refresh()
            ->update(['settings' => ['delivery' => 'GB; 30 kg; '.$delivery.'; 2-4'] + $this->supplier->settings]);
        $this->pull();
    }

    private function pull(): void
    {
        self::assertSame(RunState::Done, app(StartPull::class)($this->supplier->refresh(), null)->refresh()->state);
    }

    private function price(): int
    {
        return (int) $this->listing->variants()->sole()->priceIn('GB')?->price_minor;
    }
}
