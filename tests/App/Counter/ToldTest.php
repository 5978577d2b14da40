<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** A shopper is mailed what becomes of their order: once, in their language, with the facts. */
final class ToldTest extends AppTestCase
{
    private Stall $stall;

    private Shopper $shopper;

    private Order $order;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->stall = $this->world->stall($this->signIn());
        app(ChangeLanguages::class)($this->stall, 'GB', ['en', 'de']);
        $variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(50);
        $this->shopper = new Shopper($this, $this->stall);
        $this->shopper->put($variant, 2, ['language' => 'de']);
        $this->shopper->checkOut()->assertRedirect();
        $this->order = $this->shopper->pay($this->shopper->order());
    }

    public function test_whoever_pays_is_thanked_once_in_their_language_with_what_they_bought(): void
    {
        $this->shopper->comeBack($this->order);
        Mail::assertQueuedCount(1);
        Mail::assertQueued(OrderLetter::class, function (OrderLetter $letter): bool {
            self::assertSame(['de', TellKind::Thanks], [$letter->locale, $letter->kind]);

            return $letter->hasTo('ines@fennimore.example');
        });
        $letter = $this->sent()->locale('de');
        $letter->assertHasSubject('Bestellung '.$this->order->number.' bei '.$this->stall->name.': danke');
        $page = $this->stall->shopAddress('/orders/'.$this->order->token);
        foreach (['Danke, Ines Fennimore', '2 × ', "31,90\u{a0}£", "34,85\u{a0}£", 'Bei Ihnen ', $page] as $fact) {
            $letter->assertSeeInHtml($fact)->assertSeeInText($fact);
        }
        $letter->assertSeeInHtml('lang="de"', escape: false)->assertDontSeeInHtml('[')->assertDontSeeInText('<');
    }

    public function test_a_posted_parcel_is_told_once_with_its_number(): void
    {
        $row = $this->order->supplierOrders->firstOrFail();
        $answer = new SupplierAnswer(
            '77',
            SupplierOrderState::Posted,
            Money::of(1_000, 'USD'),
            Money::of(200, 'USD'),
            'Harrow Post',
            'HP 123',
            null,
        );
        app(ApplyAnswer::class)($row, $answer);
        app(ApplyAnswer::class)($row, $answer);
        Mail::assertQueuedCount(2);
        $letter = $this->sent(TellKind::Posted)->locale('de');
        $letter->assertSeeInHtml('Es kommt mit Harrow Post, Nummer HP 123.')->assertSeeInText('HP 123');
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(
            fn ($page) => $page->has('order.told', 2)->where('order.told.1', fn (string $told): bool => str_starts_with($told, 'A parcel is posted, ')),
        );
    }

    public function test_money_that_went_back_is_told_once(): void
    {
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->order->supplierOrders()->update(['state' => SupplierOrderState::Refused, 'refusal' => 'Sold out.']);
        $this->post(route('counter.refund', [$this->stall, $this->order]))->assertSessionHas('say');
        $this->post(route('counter.refund', [$this->stall, $this->order]));
        Mail::assertQueuedCount(2);
        $this->sent(TellKind::Refunded)->locale('de')->assertSeeInHtml('gingen zurück');
        self::assertSame(2, DB::table('order_mails')->where('order_id', $this->order->id)->count());
    }

    public function test_a_letter_whose_writing_is_rolled_back_was_never_sent(): void
    {
        DB::table('order_mails')->delete();
        $row = $this->order->supplierOrders->firstOrFail();
        try {
            DB::transaction(function () use ($row): void {
                app(ApplyAnswer::class)($row, new SupplierAnswer(
                    '77',
                    SupplierOrderState::Posted,
                    Money::of(1_000, 'USD'),
                    Money::of(200, 'USD'),
                    null,
                    null,
                    null,
                ));
                throw new \RuntimeException('killed');
            });
        } catch (\RuntimeException) {
        }
        self::assertSame(0, DB::table('order_mails')->count());
        self::assertNull($row->refresh()->posted_at);
    }

    private function sent(TellKind $kind = TellKind::Thanks): OrderLetter
    {
        $letter = Mail::queued(OrderLetter::class, static fn (OrderLetter $l): bool => $l->kind === $kind)->first();

        return $letter instanceof OrderLetter ? $letter : self::fail('It wasn’t sent.');
    }
}
