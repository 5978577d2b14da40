<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\ListingVariant;
use WindowStall\Counter\Expecting;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** The checkout asks for an address as its country has them, and promises and charges what holds there. */
final class CheckoutAbroadTest extends AppTestCase
{
    private Stall $stall;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-07 09:00');
        $this->stall = $this->world->stall();
        $this->world->market($this->stall, 'IE', 410, ['tax_bp' => 2_300]);
        $this->world->market($this->stall, 'US', 900);
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->place(['covers' => [['country' => 'IE']], 'ways' => [
            ['name' => 'plain', 'charge' => ['by' => 'flat', 'amount' => '5.95']],
            ['name' => 'quick', 'charge' => ['by' => 'flat', 'amount' => '9.95'], 'prefers' => 'quickest'],
        ]]);
        $this->shopper = new Shopper($this, $this->stall);
        $this->shopper->put($this->variant);
    }

    public function test_an_order_to_another_country_bears_its_charge_tax_way_and_dates(): void
    {
        $this->shopper->send('get', '/checkout')->assertSee('Ireland')->assertSee('£18.90');
        $this->shopper->send('post', '/checkout', ['country' => 'IE', 'look' => '1', 'name' => 'Orla'])
            ->assertOk()
            ->assertSee('value="Orla"', escape: false)
            ->assertSee('Delivery to Ireland')
            ->assertSee('£21.90')
            ->assertSee('of which VAT, 23%')
            ->assertSeeInOrder(['Monday 14 to Monday 21 December', 'plain', '£5.95', 'quick', '£9.95']);
        $there = ['country' => 'IE', 'postcode' => 'd02 af30', 'way' => '1', 'total' => 2_590];
        $this->shopper->checkOut($there)->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame(['IE', 'D02 AF30', 'quick'], [$order->country, $order->postcode, $order->way]);
        // 25.90 ÷ 1.23 leaves 21.06
        self::assertSame([995, 2_590, 484, 2_300], [$order->delivery_minor, $order->total_minor, $order->tax_minor, $order->tax_bp]);
        self::assertSame('2026-12-21', $order->lines->firstOrFail()->promised_to);
        // 4.10 USD is what its supplier asks to there, at the stall's rate.
        $expected = array_values(Expecting::order($order))[0];
        self::assertSame((int) $this->variant->prices()->where('market', 'IE')->value('delivery_minor'), $expected->delivery->minor);
        self::assertGreaterThan((int) $this->variant->prices()->where('market', 'GB')->value('delivery_minor'), $expected->delivery->minor);
    }

    public function test_the_page_that_was_seen_is_for_another_country_so_the_new_total_is_shown_first(): void
    {
        $this->shopper->checkOut(['country' => 'IE', 'postcode' => 'D02 AF30'])
            ->assertStatus(409)
            ->assertSee('To send it there costs another amount.')
            ->assertSee('£21.90');
        self::assertSame(0, Order::query()->count());
        // It is kept: the basket and the next page say the same.
        $this->shopper->send('get', '/basket')->assertSee('Delivery to Ireland');
        $this->shopper->checkOut(['country' => 'IE', 'postcode' => 'D02 AF30'])->assertRedirect();
    }

    #[TestWith(['GB', 'D02 AF30', 'That is no postcode of the United Kingdom.'])]
    #[TestWith(['IE', 'AL4 7QT', 'That is no postcode of Ireland.'])]
    #[TestWith(['IE', '', 'The postcode is missing.'])]
    public function test_a_postcode_is_its_countrys(string $country, string $postcode, string $says): void
    {
        $this->shopper->checkOut(['country' => $country, 'postcode' => $postcode])->assertUnprocessable()->assertSee($says);
    }

    public function test_goods_that_cant_go_there_stand_in_the_way_and_nobody_is_charged(): void
    {
        DB::table('delivery_quotes')->where('destination', 'IE')->delete();
        $says = 'can’t be sent to that address. Take it out of the basket to go on.';
        $this->shopper->send('post', '/basket/where', ['country' => 'IE'])->assertRedirect('/basket');
        $this->shopper->send('get', '/basket')->assertSee($says)->assertDontSee('Go to checkout');
        $this->shopper->checkOut(['country' => 'IE', 'postcode' => 'D02 AF30'])->assertStatus(409)->assertSee($says);
        self::assertSame(0, Order::query()->count());
        $this->shopper->send('post', '/basket/where', ['country' => 'GB'])->assertRedirect('/basket');
        $this->shopper->checkOut()->assertRedirect();
    }

    public function test_part_of_the_country_has_another_charge_by_its_postcode(): void
    {
        $this->place([
            'covers' => [['country' => 'GB', 'postcodes' => 'ZE']],
            'ways' => [['charge' => ['by' => 'flat', 'amount' => '7.50']]],
        ]);
        $this->shopper->checkOut(['postcode' => 'ZE1 0AA'])->assertStatus(409)->assertSee('£23.45');
        $this->shopper->checkOut(['postcode' => 'ZE1 0AA', 'total' => 2_345])->assertRedirect();
        self::assertSame(750, $this->shopper->order()->delivery_minor);
    }

    public function test_where_addresses_name_a_state_it_is_asked_for_and_reaches_the_supplier(): void
    {
        $this->place(['covers' => [['country' => 'US']], 'ways' => [['charge' => ['by' => 'flat', 'amount' => '8.00']]]]);
        $there = ['country' => 'US', 'postcode' => '97201', 'town' => 'Portland', 'total' => 2_395];
        $this->shopper->send('post', '/checkout', ['country' => 'US', 'look' => '1'])->assertSee('Oregon')->assertSee('>State<', escape: false);
        $this->shopper->checkOut($there)->assertUnprocessable()->assertSee('Choose one from the list.');
        $this->shopper->checkOut(['part' => 'US-XX'] + $there)->assertUnprocessable();
        $this->shopper->checkOut(['part' => 'US-OR'] + $there)->assertRedirect();
        self::assertSame('Portland, Oregon', $this->shopper->order()->address()['town']);
    }

    public function test_a_country_nothing_is_sent_to_is_none_to_choose(): void
    {
        $this->shopper->send('post', '/basket/where', ['country' => 'FR'])->assertUnprocessable();
        $this->shopper->send('post', '/basket/where', ['country' => ['x']])->assertUnprocessable();
        $this->shopper->send('post', '/checkout', ['country' => 'FR', 'look' => '1'])->assertSee('Delivery to the United Kingdom');
    }

    public function test_the_same_basket_for_another_way_is_another_order(): void
    {
        $there = ['country' => 'IE', 'postcode' => 'D02 AF30'];
        foreach ([['way' => '0', 'total' => 2_190], ['way' => '1', 'total' => 2_590], ['way' => '1', 'total' => 2_590]] as $press) {
            $this->shopper->checkOut($there + $press)->assertRedirect();
        }
        self::assertSame(['plain', 'quick'], Order::query()->orderBy('id')->pluck('way')->all());
    }

    /** @param  array<string, mixed>  $place */
    private function place(array $place): void
    {
        $this->signIn();
        $this->postJson('http://'.config('stall.workshop_host').route('delivery.places.store', $this->stall, false), $place)->assertOk();
    }
}
