<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\ListingVariant;
use WindowStall\Counter\Jobs\SendReminders;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Left\Remind;
use WindowStall\Counter\Mail\BasketLeft;
use WindowStall\Counter\Order;
use WindowStall\Shop\SignUps;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** Baskets left at the checkout: listed with what they would have kept, reminded of once where that was agreed to. */
final class LeftBasketsTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Queue::fake([SendSupplierOrder::class]);
        $this->travelTo('2026-12-07 09:00');
        $this->stall = $this->world->stall($this->signIn());
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(50);
        $this->shopper = new Shopper($this, $this->stall);
        $this->shopper->put($this->variant, 2);
        $this->say('It is still here.', 20)->assertOk();
    }

    public function test_what_was_left_is_listed_with_what_it_would_have_kept_until_it_is_bought(): void
    {
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame([], $this->left()['baskets'], 'somebody may still be paying');
        $this->travel(2)->hours();
        $left = $this->left();
        self::assertCount(1, $left['baskets']);
        self::assertSame('£34.85', $left['baskets'][0]['total']['text']);
        self::assertFalse($left['baskets'][0]['agreed']);
        $order = $this->shopper->order();
        // Twice what one piece keeps, but for what a parcel of two costs less and one fee.
        $one = (int) $this->variant->prices()->where('market', 'GB')->value('keep_minor');
        self::assertGreaterThan($one, $left['baskets'][0]['keep']['minor']);
        self::assertSame($left['keep']['minor'], $left['baskets'][0]['keep']['minor']);
        $this->shopper->pay($order);
        self::assertSame([], $this->left()['baskets']);
    }

    public function test_who_agreed_is_reminded_once_with_the_stalls_words_and_a_way_back(): void
    {
        $order = $this->leave(agreed: true);
        $this->travel(19)->hours();
        SendReminders::dispatchSync();
        Mail::assertNothingQueued();
        $this->travel(2)->hours();
        foreach ([1, 2] as $_) {
            SendReminders::dispatchSync();
            app(Remind::class)($order);
        }
        Mail::assertQueuedCount(1);
        $link = (string) DB::table('baskets')->where('id', $order->basket_id)->value('link');
        Mail::assertQueued(BasketLeft::class, function (BasketLeft $mail) use ($order, $link): bool {
            $text = $mail->render();
            foreach (['It is still here.', '2 × Garden Trowel NEW', '/basket/from/'.$link, '/no-more-mail?'] as $says) {
                self::assertStringContainsString($says, $text);
            }

            return $mail->hasTo($order->email);
        });
        $this->shopper->send('get', '/basket/from/'.$link)->assertOk()->assertSee('Garden Trowel NEW');
        self::assertSame([1, 0], [$this->left()['told'], $this->left()['back']]);
        $this->travel(1)->hours();
        $this->shopper->checkOut()->assertRedirect();
        $this->shopper->pay($this->shopper->order());
        self::assertSame([1, 1], [$this->left()['told'], $this->left()['back']]);
    }

    #[TestWith(['no consent'])]
    #[TestWith(['no words'])]
    #[TestWith(['bought since'])]
    #[TestWith(['a later one'])]
    #[TestWith(['too old'])]
    #[TestWith(['emptied'])]
    #[TestWith(['no more mail'])]
    public function test_nobody_else_is_written_to(string $why): void
    {
        $order = $this->leave(agreed: $why !== 'no consent');
        match ($why) {
            'no words' => $this->say(' ', 20),
            'bought since' => $this->shopper->pay($order),
            'a later one' => $this->later(),
            'emptied' => DB::table('basket_lines')->delete(),
            'no more mail' => SignUps::stop($this->stall, $order->email, $this->signed($order->email)),
            default => null,
        };
        $this->travel(match ($why) {
            'too old' => 100,
            'a later one' => 10,
            default => 21,
        })->hours();
        SendReminders::dispatchSync();
        Mail::assertNotQueued(BasketLeft::class);
    }

    public function test_mail_ends_with_a_button_and_only_by_its_own_address(): void
    {
        $this->leave(agreed: true);
        $email = 'ines@fennimore.example';
        $at = SignUps::stopAt($this->stall, 'Ines@Fennimore.example');
        $this->stall->update(['open' => false]);
        $this->shopper->send('get', $at)->assertOk()->assertSee('No more mail, please')->assertSee($email);
        self::assertSame(1, DB::table('sign_ups')->count(), 'looking alone does nothing');
        $this->shopper->send('post', '/no-more-mail', ['to' => $email, 'by' => 'x'])->assertUnprocessable()->assertSee('isn’t whole');
        self::assertSame(1, DB::table('sign_ups')->count());
        foreach ([1, 2] as $_) {
            $this->shopper->send('post', '/no-more-mail', ['to' => $email, 'by' => $this->signed($email)])->assertOk()->assertSee('any more.');
        }
        self::assertSame(0, DB::table('sign_ups')->count());
    }

    public function test_hours_and_words_that_cant_be_are_refused(): void
    {
        foreach ([0, 61, 'x', 1.5] as $hours) {
            $this->say('It is here.', $hours)->assertUnprocessable();
        }
        $this->say(str_repeat('é', 1_001), 20)->assertUnprocessable();
        $this->say(null, 20)->assertOk()->assertJsonPath('words', '');
    }

    private function leave(bool $agreed): Order
    {
        $this->shopper->checkOut($agreed ? ['news' => '1'] : [])->assertRedirect();

        return $this->shopper->order();
    }

    /** The same shopper goes on to pay anew: that is what is reminded of, in its time. */
    private function later(): void
    {
        $this->travel(15)->hours();
        $this->shopper->put($this->variant);
        $this->shopper->checkOut()->assertRedirect();
    }

    private function signed(string $email): string
    {
        parse_str((string) parse_url(SignUps::stopAt($this->stall, $email), PHP_URL_QUERY), $query);

        return is_string($query['by'] ?? null) ? $query['by'] : '';
    }

    /**
     * @return array<string, mixed>
     *
     * @phpstan-impure
     */
    private function left(): array
    {
        $page = $this->get(route('counter.left', $this->stall))->assertOk();

        return (array) json_decode((string) json_encode($page->viewData('page')['props']['left']), true);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function say(?string $words, mixed $hours): \Illuminate\Testing\TestResponse
    {
        return $this->putJson(route('counter.left.remind', $this->stall), ['words' => $words, 'hours' => $hours]);
    }
}
