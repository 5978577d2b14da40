<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use WindowStall\Core\Dispatch\Following\ParcelEvent;
use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\Following\NoteTrack;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\FollowParcel;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Source\Connectors\SaidParcel;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Carrier\Mood;
use WindowStall\Standins\Carrier\Parcels;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** Parcels followed from posted to there: each once, in whatever order it is told, there only by the carrier's word. */
final class ParcelsTest extends AppTestCase
{
    private Stall $stall;

    private Order $order;

    private SupplierOrder $row;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->travelTo('2026-11-30 10:00');
        $this->stall = $this->world->stall($this->signIn());
        $variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
        $this->shopper = new Shopper($this, $this->stall);
        $this->order = $this->shopper->buy($variant, 3);
        $this->row = $this->order->supplierOrders()->firstOrFail();
        $this->row->update(['state' => State::Sent, 'external_id' => '7']);
    }

    public function test_an_order_that_is_posted_in_parts_has_a_parcel_for_each_once(): void
    {
        $variant = (string) $this->order->lines()->firstOrFail()->supplierVariant?->external_id;
        $first = new SaidParcel('Longfurrow Parcels', 'LF1', [$variant => 1]);
        $this->answer(State::Accepted, [$first]);
        $this->answer(State::Accepted, [$first]);
        self::assertSame([[1 => 1], State::Accepted], [$this->pieces(), $this->row->refresh()->state]);
        // The second says more than is left: two pieces are.
        $this->answer(State::Posted, [$first, new SaidParcel('Longfurrow Parcels', 'LF2', [$variant => 5])]);
        $this->answer(State::Accepted, [$first]);
        self::assertSame([[1 => 1, 2 => 2], State::Posted], [$this->pieces(), $this->row->refresh()->state]);
        Mail::assertQueued(OrderLetter::class, 3);
        $this->shopper->send('get', '/orders/'.$this->order->token)->assertSeeInOrder(['Parcel 1', 'LF1', 'Parcel 2', 'LF2']);
    }

    public function test_a_supplier_that_only_says_posted_has_one_parcel_with_all_of_it(): void
    {
        $this->answer(State::Posted, []);
        $this->answer(State::Posted, []);
        self::assertSame([1 => 3], $this->pieces());
        self::assertNull(Parcel::query()->firstOrFail()->next_ask_at, 'without a number nobody can be asked');
    }

    public function test_the_carrier_is_asked_and_there_is_told_once(): void
    {
        $parcel = $this->parcel('LF900');
        Parcels::take('LF900', 'Oakum Depot', 'Aldermere', 'GB', Carbon::now());
        SweepSupplierOrders::dispatchSync();
        self::assertSame(ParcelEventKind::Taken, $parcel->refresh()->stands);
        self::assertNull($parcel->there_at);
        $this->travel(2)->days();
        Parcels::tell('LF900', 'there', 'Aldermere', Carbon::now());
        foreach ([1, 2] as $again) {
            $this->travel(3)->hours();
            SweepSupplierOrders::dispatchSync();
        }
        self::assertSame('2026-12-02 10:00', $parcel->refresh()->there_at?->format('Y-m-d H:i'));
        self::assertNull($parcel->next_ask_at);
        Mail::assertQueued(OrderLetter::class, static fn (OrderLetter $mail): bool => $mail->kind === TellKind::There);
        self::assertSame(1, DB::table('order_mails')->where('kind', 'there')->count());
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(
            fn ($page) => $page->where('order.supplierOrders.0.parcels.0.there', true),
        );
    }

    public function test_there_before_posted_late_and_twice_come_to_the_same(): void
    {
        $parcel = $this->parcel('LF901');
        $event = static fn (string $kind, string $at): ParcelEvent => new ParcelEvent(
            $kind,
            ParcelEventKind::from($kind),
            new \DateTimeImmutable($at.' UTC'),
        );
        $note = app(NoteTrack::class);
        $note($parcel, [$event('there', '2026-12-03 11:00')]);
        $note($parcel, [$event('taken', '2026-11-30 15:00'), $event('there', '2026-12-03 11:00')]);
        $note($parcel, [$event('moved', '2026-12-01 15:00')]);
        self::assertSame(
            [ParcelEventKind::There, '2026-12-03', 3],
            [$parcel->refresh()->stands, $parcel->there_at?->toDateString(), count($parcel->events())],
        );
        self::assertSame(1, DB::table('order_mails')->where('kind', 'there')->count());
    }

    public function test_a_carrier_that_answers_nonsense_or_not_at_all_is_asked_again_and_nothing_is_made_of_it(): void
    {
        $parcel = $this->parcel('LF902');
        Parcels::take('LF902', 'Oakum Depot', 'Aldermere', 'GB', Carbon::now());
        try {
            foreach ([Mood::Wrong, Mood::Refuses] as $mood) {
                $this->mood($mood);
                app()->call([new FollowParcel($parcel->id), 'handle']);
                self::assertNull($parcel->refresh()->stands, $mood->value);
                self::assertTrue($parcel->next_ask_at?->isFuture(), $mood->value);
            }
        } finally {
            $this->mood(Mood::Well);
        }
        $parcel->update(['tracking' => 'LF-NOBODYS']);
        app()->call([new FollowParcel($parcel->id), 'handle']);
        self::assertNull($parcel->refresh()->stands);
    }

    public function test_a_parcel_likely_to_be_late_is_on_the_desk_until_its_shopper_is_told(): void
    {
        $parcel = $this->parcel('LF903');
        $parcel->update(['promised_to' => '2026-12-03']);
        foreach ([6, 7, 7, 8, 9] as $n => $days) {
            Parcel::query()->create([
                'posted_at' => now()->subDays(40),
                'there_at' => now()->subDays(40 - $days),
                'number' => 10 + $n,
                'tracking' => 'LFX'.$n,
            ] + $parcel->only(['stall_id', 'order_id', 'supplier_order_id', 'connection_id', 'country', 'pieces', 'carrier', 'moved_at']));
        }
        $this->travelTo('2026-12-02 10:00');
        $this->get(route('counter', $this->stall))->assertInertia(
            fn ($page) => $page
                ->where('desk.needs.0.kind', 'late')
                ->where('desk.needs.0.title', fn (string $said): bool => str_ends_with($said, 'hasn’t moved for 2 days and is promised for tomorrow.'))
                ->where('desk.needs.0.about', fn (string $said): bool => str_ends_with(
                    $said,
                    'All parcels of Oakum Depot that stood so long came late, by 4 days in the middle.',
                )),
        );
        $this->post(route('counter.late', [$this->stall, $this->order]), ['parcel' => $parcel->id])->assertSessionHas('say');
        $this->post(route('counter.late', [$this->stall, $this->order]), ['parcel' => $parcel->id]);
        self::assertSame(1, DB::table('order_mails')->where('kind', 'late')->count());
        $this->get(route('counter', $this->stall))->assertInertia(fn ($page) => $page->has('desk.needs', 0));
        $mail = new OrderLetter($this->order->id, $this->stall->id, TellKind::Late, $parcel->id);
        $mail->assertSeeInHtml('Parcels that went like it were mostly there by Monday 7 December.');
    }

    private function mood(Mood $mood): void
    {
        Http::asForm()
            ->withOptions(['allow_redirects' => false])
            ->post(config('stall.carrier.address').'/play/mood', ['mood' => $mood->value])
            ->throw();
    }

    /** @return array<int, int> pieces by the number of the parcel */
    private function pieces(): array
    {
        return Parcel::query()->orderBy('number')->get()
            ->mapWithKeys(static fn (Parcel $parcel): array => [$parcel->number => array_sum($parcel->pieces)])
            ->all();
    }

    private function parcel(string $tracking): Parcel
    {
        $this->answer(State::Posted, [new SaidParcel('Longfurrow Parcels', $tracking)]);

        return Parcel::query()->where('tracking', $tracking)->firstOrFail();
    }

    /** @param  list<SaidParcel>  $parcels */
    private function answer(State $state, array $parcels): void
    {
        $amount = Money::of(1000, 'USD');
        app(ApplyAnswer::class)($this->row, new SupplierAnswer('7', $state, $amount, $amount, null, null, null, $parcels));
    }
}
