<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use WindowStall\Core\Dispatch\SupplierOrderState as State;
use WindowStall\Counter\ByMail\OrderBatch;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\ReadSupplierMail;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Jobs\SweepSupplierOrders;
use WindowStall\Counter\Mail\SupplierBatchMail;
use WindowStall\Counter\Order;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;

/** A supplier that takes orders by mail: one table a day, answers read once, nothing ordered twice. */
final class ByMailTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    private Order $order;

    private string $sku;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->travelTo('2026-11-30 10:00');
        $this->stall = $this->world->stall($this->signIn());
        $variant = $this->world->inWindow($this->stall, Items::item([Items::variant('bymail')]))->variants()->firstOrFail();
        $this->supplier = SupplierConnection::of($this->stall)->firstOrFail();
        $this->put(route('counter.by-mail.say', [$this->stall, $this->supplier]), ['to' => 'orders@kilnfold.example', 'at' => '15:00']);
        // What it has now can't be asked.
        $this->supplier->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->order = (new Shopper($this, $this->stall))->buy($variant, 2);
        $this->sku = (string) $this->order->lines()->sole()->supplierVariant?->sku;
    }

    public function test_orders_wait_for_the_hour_and_go_in_one_table_once(): void
    {
        $row = $this->row();
        (new SendSupplierOrder($row->id))->handle(app(\WindowStall\Counter\ApplyAnswer::class), app(\WindowStall\Print\Files\PrintOrders::class));
        SweepSupplierOrders::dispatchSync();
        self::assertSame([State::ToSend, 0], [$row->refresh()->state, OrderBatch::query()->count()]);
        $this->travelTo('2026-11-30 15:00:30');
        SweepSupplierOrders::dispatchSync();
        SweepSupplierOrders::dispatchSync();
        $batch = OrderBatch::query()->sole();
        self::assertSame(
            "order,article,pieces,name,street,town,postcode,country,phone\r\n"
                .$row->order?->number.'/'.$row->id.','.$this->sku.",2,\"Ines Fennimore\",\"4 Pound Row\",Aldermere,\"AL4 7QT\",GB,\r\n",
            $batch->sheet,
        );
        self::assertSame([State::Sent, $this->order->number.'/'.$row->id], [$row->refresh()->state, $row->external_id]);
        Mail::assertQueued(SupplierBatchMail::class, 1);
        (new SupplierBatchMail($batch->id, $this->stall->id))->assertHasReplyTo(OrderBatch::answersTo($this->supplier));
        $this->post(route('counter.by-mail.again', [$this->stall, $this->supplier, $batch]))->assertSessionHas('say');
        self::assertSame(1, OrderBatch::query()->count(), 'the same table once more');
        $this->get(route('counter.by-mail', [$this->stall, $this->supplier]))->assertInertia(fn ($page) => $page->where('batches.0.orders', 1));
    }

    public function test_an_answer_read_from_the_mailbox_is_taken_once_and_posts_the_parcel(): void
    {
        $this->sent();
        $answer = $this->table([$this->line('taken')]);
        $this->mailed(['m1' => $answer]);
        self::assertSame(State::Accepted, $this->row()->state);
        $this->mailed(['m1' => $answer, 'm2' => $this->table([$this->line('posted', tracking: 'KF1')])]);
        $this->mailed(['m3' => $this->table([$this->line('posted', tracking: 'KF1')]), 'm4' => $answer, 'm5' => 'Dear stall, thanks.']);
        $parcel = Parcel::query()->sole();
        self::assertSame([State::Posted, 'KF1', 2], [$this->row()->state, $parcel->tracking, array_sum($parcel->pieces)]);
    }

    public function test_what_it_is_short_of_needs_a_person_and_the_rest_goes_on(): void
    {
        $this->sent();
        $this->answer([$this->line('short', pieces: 1)])->assertSessionHas('say', 'One order is answered.');
        $row = $this->row();
        self::assertSame([State::Refused, 'Short of it. '.$this->sku.': 1 of 2 there.'], [$row->state, $row->refusal]);
        $this->get(route('counter', $this->stall))->assertInertia(fn ($page) => $page->where('desk.needs.0.kind', 'refused'));
    }

    public function test_half_an_answer_last_weeks_and_another_stalls_do_no_harm(): void
    {
        $this->sent();
        // One piece of two, then the same again, then the other.
        $this->answer([$this->line('posted', pieces: 1, tracking: 'KF1')]);
        $this->answer([$this->line('posted', pieces: 1, tracking: 'KF1')]);
        self::assertSame([State::Accepted, 1], [$this->row()->state, Parcel::query()->count()]);
        $this->answer([$this->line('posted', pieces: 1, tracking: 'KF2')]);
        self::assertSame([State::Posted, [1, 1]], [
            $this->row()->state,
            Parcel::query()->orderBy('id')->get()->map(static fn (Parcel $p): int => array_sum($p->pieces))->all(),
        ]);
        // Of last week: taken, and short, long after it was posted.
        $this->answer([$this->line('taken')]);
        $this->answer([$this->line('short', pieces: 0)]);
        self::assertSame(State::Posted, $this->row()->state);
        $this->answer(['9999/1,'.$this->sku.',1,posted,Longfurrow Parcels,KF9', 'nonsense'])
            ->assertSessionHas('say', '0 orders are answered. 1 rows are of no order that went there. 1 rows can’t be read.');
        self::assertSame([2, 1], [Parcel::query()->count(), $this->order->supplierOrders()->count()]);
        $this->post(route('counter.by-mail.answer', [$this->stall, $this->supplier]), [
            'answer' => UploadedFile::fake()->createWithContent('answer.csv', 'Dear stall'),
        ])->assertSessionHasErrors('said');
    }

    public function test_the_next_year_begins_at_the_stalls_midnight(): void
    {
        $this->stall->update(['zone' => 'Pacific/Auckland']);
        // 31 December 10:30 UTC is 23:30 there; at 11:30 it is next year, and its hour isn't over.
        $this->travelTo('2026-12-31 10:30');
        SweepSupplierOrders::dispatchSync();
        self::assertSame('2026-12-31', OrderBatch::query()->sole()->day);
        $this->row()->update(['state' => State::ToSend]);
        $this->travelTo('2026-12-31 11:30');
        SweepSupplierOrders::dispatchSync();
        self::assertSame(1, OrderBatch::query()->count());
    }

    public function test_addresses_and_hours_are_looked_at(): void
    {
        $say = fn (array $said): \Illuminate\Testing\TestResponse => $this->put(route('counter.by-mail.say', [$this->stall, $this->supplier]), $said);
        $say(['to' => 'nowhere', 'at' => '15:00'])->assertSessionHasErrors('to');
        $say(['to' => 'a@b.example', 'at' => '25:00'])->assertSessionHasErrors('at');
        $say(['to' => '', 'at' => '09:30'])->assertSessionHas('say', 'No orders go there by mail any more.');
        self::assertTrue($this->supplier->refresh()->takesOrders(), 'by its interface again');
    }

    /** @phpstan-impure */
    private function row(): SupplierOrder
    {
        return $this->order->supplierOrders()->orderBy('id')->firstOrFail();
    }

    private function sent(): void
    {
        $this->post(route('counter.by-mail.send', [$this->stall, $this->supplier]))->assertSessionHas('say', 'One order is mailed.');
    }

    private function line(string $answer, int $pieces = 2, string $tracking = ''): string
    {
        return implode(',', [$this->row()->external_id, $this->sku, $pieces, $answer, 'Longfurrow Parcels', $tracking]);
    }

    /** @param  list<string>  $lines */
    private function table(array $lines): string
    {
        return "order,article,pieces,answer,carrier,tracking\r\n".implode("\r\n", $lines)."\r\n";
    }

    /** @param  array<string, string>  $files  by the message's id */
    private function mailed(array $files): void
    {
        Http::fake(['mailbox.*' => Http::response(array_map(
            static fn (string $id, string $text): array => ['id' => $id, 'files' => [['name' => 'answer.csv', 'text' => $text]]],
            array_reverse(array_keys($files)),
            array_reverse(array_values($files)),
        ))]);
        app()->call([new ReadSupplierMail($this->supplier->id), 'handle']);
        Http::swap(new \Illuminate\Http\Client\Factory());
    }

    /**
     * @param  list<string>  $lines
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function answer(array $lines): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('counter.by-mail.answer', [$this->stall, $this->supplier]), [
            'answer' => UploadedFile::fake()->createWithContent('answer.csv', $this->table($lines)),
        ]);
    }
}
