<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Papers\WritePaper;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Window\Policies\Particulars;

/** Invoices and credit notes: numbered without a gap, as they were written, and adding up. */
final class PapersTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->travelTo('2026-12-31 22:30');
        $this->stall = $this->world->stall($this->signIn());
        Particulars::of($this->stall)->fill([
            'trader' => 'Ada Marl', 'street' => '4 Dyke Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 2QT', 'tax_number' => 'GB 123',
        ])->save();
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
    }

    public function test_what_is_paid_has_an_invoice_that_adds_up_and_stays_as_it_was_written(): void
    {
        $order = $this->buy();
        $paper = $order->papers->firstOrFail();
        self::assertSame('2026-0001', $paper->name());
        $said = $paper->said;
        self::assertSame(
            $said['total'],
            array_sum(array_column($said['lines'], 'total')) - $said['discount'] + $said['delivery'],
        );
        self::assertSame($order->tax_minor, array_sum(array_column($said['taxes'], 'tax')));
        self::assertSame($said['total'], array_sum(array_column($said['taxes'], 'asked')));

        Particulars::of($this->stall)->update(['street' => '9 New Street']);
        $address = $this->stall->shopAddress('/orders/'.$order->token.'/papers/2026-0001');
        $this->get($address)->assertOk()->assertSeeInOrder([
            'Invoice 2026-0001', '31 December 2026', 'Ines Fennimore', 'Aldermere AL4 7QT', 'Ada Marl', '4 Dyke Lane', 'VAT number GB 123',
            'Delivery', '£2.95', 'Total', '£34.85', 'VAT, 20% of £34.85', '£5.81',
        ])->assertDontSee('9 New Street');
        $pdf = $this->get($address.'.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF-1.', (string) $pdf->getContent());
        self::assertGreaterThan(5_000, strlen((string) $pdf->getContent()));
        $this->get($this->stall->shopAddress('/orders/'.$order->token))->assertSee('Invoice 2026-0001');
        $this->get($this->stall->shopAddress('/orders/'.str_repeat('a', 43).'/papers/2026-0001'))->assertNotFound();
        $this->get($this->stall->shopAddress('/orders/'.$order->token.'/papers/2026-0002'))->assertNotFound();
        $this->get(route('counter.order', [$this->stall, $order]))->assertInertia(
            fn ($page) => $page->where('order.papers.0.words', 'Invoice 2026-0001'),
        );
    }

    public function test_numbers_have_no_gap_begin_anew_with_the_stalls_year_and_are_each_stalls_own(): void
    {
        $first = $this->buy();
        try {
            DB::transaction(function () use ($first): void {
                $copy = $first->replicate(['number', 'token', 'sought', 'whose'])->fill(['number' => 99_999, 'token' => str_repeat('b', 43)]);
                $copy->save();
                WritePaper::invoice($copy->setRelation('stall', $this->stall));
                throw new \RuntimeException('killed');
            });
        } catch (\RuntimeException) {
        }
        self::assertSame('2026-0002', $this->buy()->papers->firstOrFail()->name());
        // In the stall's zone it is next year already.
        $this->stall->update(['zone' => 'Pacific/Auckland']);
        self::assertSame('2027-0001', $this->buy()->papers->firstOrFail()->name());
        // Asked for again, an order has the paper it has.
        WritePaper::invoice($first);
        self::assertSame(['2026-0001', '2026-0002', '2027-0001'], OrderPaper::query()->orderBy('id')->get()->map->name()->all());
        $other = $this->world->stall();
        self::assertSame(0, OrderPaper::query()->where('stall_id', $other->id)->count());
    }

    public function test_money_that_went_back_has_a_credit_note_in_the_shoppers_language(): void
    {
        app(ChangeLanguages::class)($this->stall, 'GB', ['en', 'de']);
        $order = $this->buy(['language' => 'de']);
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $order->supplierOrders()->update(['state' => SupplierOrderState::Refused, 'refusal' => 'Sold out.']);
        $this->post(route('counter.refund', [$this->stall, $order]))->assertSessionHas('say');
        $this->post(route('counter.refund', [$this->stall, $order]));
        self::assertSame(['2026-0001', 'C2026-0001'], $order->papers()->get()->map->name()->all());
        $this->get($this->stall->shopAddress('/orders/'.$order->token.'/papers/C2026-0001'))->assertOk()->assertSeeInOrder([
            'Gutschrift C2026-0001', '31. Dezember 2026', 'storniert 2026-0001', 'Vereinigtes Königreich', '−31,90', 'Summe', '−34,85',
        ]);
    }

    /** @param  array<string, mixed>  $with */
    private function buy(array $with = []): Order
    {
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->variant, 2, $with);
        $shopper->checkOut()->assertRedirect();

        return $shopper->pay($shopper->order());
    }
}
