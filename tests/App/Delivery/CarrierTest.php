<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Delivery;

use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Carrier\Mood;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Window\Policies\Particulars;

/** Charges that a carrier says at the moment, a telephone number where it rings first, and goods that shoppers fetch. */
final class CarrierTest extends AppTestCase
{
    private const CHARGE = ['by' => 'carrier', 'service' => 'plain', 'plus' => '0.50', 'otherwise' => '6.95'];

    private Stall $stall;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_the_stand_in_asks_by_weight_size_and_postcode(): void
    {
        $rate = static fn (array $asked): array => array_column((array) Http::withToken('carrier-demo-key')
            ->post(config('stall.carrier.address').'/v1/rates', $asked + ['from' => ['country' => 'GB'], 'to' => ['country' => 'GB']])
            ->json('rates'), 'amount', 'service');

        self::assertSame(['plain' => '3.85', 'quick' => '6.54'], $rate(['grams' => 900]));
        self::assertSame('4.80', $rate(['grams' => 1_001])['plain']);
        self::assertSame('4.80', $rate(['grams' => 300, 'size' => ['length' => 200, 'width' => 200, 'height' => 200]])['plain']);
        self::assertSame('8.35', $rate(['grams' => 900, 'to' => ['country' => 'GB', 'postcode' => 'IV2 7AB']])['plain']);
        self::assertSame('8.90', $rate(['grams' => 900, 'to' => ['country' => 'IE']])['plain']);
        self::assertSame([], $rate(['grams' => 40_000]));
    }

    public function test_the_shopper_pays_what_the_carrier_asks_and_each_parcel_is_asked_for_once(): void
    {
        $this->way(['charge' => self::CHARGE]);
        Http::fake([config('stall.carrier.address').'/*' => fn (Request $asked) => Http::response(['rates' => [
            ['service' => 'plain', 'amount' => $asked['to']['postcode'] === null ? '4.10' : '4.60', 'currency' => 'GBP'],
        ]])]);
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/basket')->assertSee('£4.60')->assertDontSee('£6.95');
        $this->shopper->send('get', '/basket')->assertSee('£4.60');
        Http::assertSentCount(1);
    }

    public function test_a_carrier_that_refuses_or_answers_nonsense_costs_what_is_stated(): void
    {
        $this->way(['charge' => self::CHARGE]);
        $this->shopper->put($this->variant);
        foreach ([Mood::Refuses, Mood::Wrong] as $mood) {
            Cache::flush();
            $this->mood($mood);
            $this->shopper->send('get', '/basket')->assertSee('£6.95');
        }
        $tried = $this->postJson(route('delivery.try', $this->stall), [
            'lines' => [['variant' => $this->variant->id, 'pieces' => 1]],
            'country' => 'GB',
        ])->assertOk();
        self::assertContains('The carrier gave no rate for it, so £6.95 counts.', (array) $tried->json('reasons'));
        $this->mood(Mood::Well);
        Cache::flush();
        // £3.85 and £0.50.
        $this->shopper->send('get', '/basket')->assertSee('£4.35');
    }

    public function test_one_that_dawdles_is_waited_for_two_seconds_once(): void
    {
        $this->way(['charge' => self::CHARGE]);
        Http::fake([config('stall.carrier.address').'/*' => function (Request $asked, array $options) {
            self::assertSame(2.0, (float) $options['timeout']);

            throw new \Illuminate\Http\Client\ConnectionException('cURL error 28: timed out');
        }]);
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/basket')->assertSee('£6.95');
        $sent = count(Http::recorded());
        $this->shopper->send('get', '/basket')->assertSee('£6.95');
        self::assertCount($sent, Http::recorded(), 'its silence is remembered for a moment');
    }

    public function test_a_telephone_number_is_asked_for_where_who_brings_it_rings(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/checkout')->assertDontSee('Telephone');
        $this->way(['charge' => ['by' => 'flat', 'amount' => '4.00'], 'phone' => true]);
        $this->shopper->send('get', '/checkout')->assertSee('Telephone, for who brings it')->assertSee('type="tel"', escape: false);
        foreach (['', 'call me', '12', str_repeat('1', 16), '+44 20 7946 0000; DROP'] as $wrong) {
            $this->shopper->checkOut(['phone' => $wrong])->assertUnprocessable()->assertSee('Which number may who brings it ring?');
        }
        self::assertSame(0, Order::of($this->stall)->count());
        $this->shopper->checkOut(['phone' => '+44 (0)1632 960-001'])->assertRedirect();
        self::assertSame('+44 (0)1632 960-001', $this->shopper->order()->address()['phone'] ?? '');
    }

    public function test_what_shoppers_fetch_goes_to_the_stalls_own_address(): void
    {
        Particulars::of($this->stall)->fill([
            'trader' => 'Ada Marl', 'street' => '4 Dyke Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 2QT',
        ])->save();
        $this->way(['charge' => ['by' => 'flat', 'amount' => '0.00'], 'collected' => 'the shed in Dyke Lane, Saturdays']);
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/checkout')->assertSee('You fetch it: the shed in Dyke Lane, Saturdays');
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->order()->load('stall');
        self::assertSame(
            ['name' => 'Ada Marl, '.$order->number, 'street' => '4 Dyke Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 2QT', 'country' => 'GB'],
            $order->sentTo(),
        );
        $order->update(['state' => OrderState::Paid]);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('You fetch it: the shed in Dyke Lane');
    }

    /** @param  array<string, mixed>  $way */
    private function way(array $way): void
    {
        $id = (int) DB::table('places')->where('stall_id', $this->stall->id)->value('id');
        $this->patchJson(route('delivery.places.update', [$this->stall, $id]), [
            'covers' => [['country' => 'GB']],
            'ways' => [$way],
        ])->assertOk();
    }

    private function mood(Mood $mood): void
    {
        Http::asForm()->withOptions(['allow_redirects' => false])
            ->post(config('stall.carrier.address').'/play/mood', ['mood' => $mood->value]);
    }
}
