<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\Listing;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Shop\GrownUp;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Policies\TrueFacts;

/** Goods for grown-ups: asked once, on their page; where that was missed, before anything is paid. */
final class GrownUpsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $knife;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake([SendSupplierOrder::class]);
        $this->stall = $this->world->stall($this->signIn());
        $this->world->supplierSays(50);
        $this->knife = $this->world->inWindow($this->stall, Items::item([Items::variant('a')], 'A grafting knife'));
        $this->patchJson(route('bench.listing.update', [$this->stall, $this->knife]), ['grown_up' => true])
            ->assertOk()
            ->assertJsonPath('details.order.grownUp', true);
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_its_page_asks_before_it_shows_and_a_plain_script_knows_who_said_so(): void
    {
        $html = (string) $this->shopper->send('get', '/goods/'.$this->knife->slug)->assertOk()->getContent();
        self::assertStringContainsString('I am 18 or older', $html);
        self::assertMatchesRegularExpression('#<script src="[^"]*grown[^"]*" data-age="18"></script>#', $html);
        self::assertLessThan(strpos($html, 'class="product"'), strpos($html, 'class="grown-up"'), 'before what it covers');
        $said = $this->shopper->send('post', '/grown-up', ['back' => '/goods/'.$this->knife->slug]);
        $said->assertRedirect('/goods/'.$this->knife->slug.'#of-age')->assertPlainCookie('grown_up', '18');
        $other = $this->world->inWindow($this->stall, Items::item([Items::variant('b')], 'A trowel', id: 'b'));
        $this->shopper->send('get', '/goods/'.$other->slug)->assertDontSee('older');
    }

    public function test_nobody_is_sent_elsewhere(): void
    {
        foreach (['https://bad.example/', '//bad.example', '/\\bad.example', 'javascript:x', ['/goods']] as $back) {
            $this->shopper->send('post', '/grown-up', ['back' => $back])->assertRedirect('/#of-age');
        }
    }

    public function test_who_didnt_say_so_puts_nothing_in_and_pays_nothing(): void
    {
        $variant = $this->knife->variants()->firstOrFail();
        $this->shopper->put($variant)->assertStatus(422)->assertSee('Say on their page that you are 18 or older');
        $this->withUnencryptedCookies(['grown_up' => '17']);
        $this->shopper->put($variant)->assertStatus(422);
        $this->withUnencryptedCookies(['grown_up' => '18']);
        $this->shopper->put($variant)->assertRedirect();
        // Another browser, by a link to the basket: it is asked there.
        $this->withUnencryptedCookies(['grown_up' => '']);
        $this->shopper->checkOut()->assertStatus(409)->assertSee('there are goods for grown-ups among these');
        self::assertSame(0, Order::of($this->stall)->count());
        $this->shopper->checkOut(['grown_up' => '18'])->assertRedirect();
        self::assertSame(18, $this->shopper->order()->said_age);
    }

    public function test_each_market_asks_by_its_own_rule_and_the_policy_tells_of_the_cookie(): void
    {
        $this->world->market($this->stall, 'US', 900, ['tax_bp' => 0]);
        $this->postJson(route('delivery.places.store', $this->stall), [
            'covers' => [['country' => 'US']], 'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.95']]],
        ])->assertOk();
        $said = $this->shopper->send('post', '/grown-up', ['back' => '/us/goods', 'country' => 'US']);
        $said->assertRedirect('/us/goods#of-age')->assertPlainCookie('grown_up', '21');
        self::assertTrue(TrueFacts::of($this->stall->refresh())->grownUps);
        $this->patchJson(route('bench.listing.update', [$this->stall, $this->knife]), ['grown_up' => false])->assertOk();
        self::assertFalse(TrueFacts::of($this->stall)->grownUps);
        $this->shopper->send('get', '/goods/'.$this->knife->slug)->assertDontSee('older');
        $this->shopper->put($this->knife->variants()->firstOrFail())->assertRedirect();
    }

    public function test_only_two_digits_are_an_age(): void
    {
        foreach (['' => null, '9' => null, '018' => null, 'aa' => null, '18' => 18, '21' => 21] as $typed => $age) {
            $request = \Illuminate\Http\Request::create('/', cookies: ['grown_up' => (string) $typed]);
            self::assertSame($age, GrownUp::said($request), (string) $typed);
        }
        self::assertTrue(GrownUp::is(\Illuminate\Http\Request::create('/'), null));
    }
}
