<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Stall\OpenStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\TurnSign;
use WindowStall\Tests\App\AppTestCase;

/** A shop is closed to shoppers until its seller opens it; whoever works in the stall looks in meanwhile. */
final class ClosedShopTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->stall->update(['open' => false]);
        $this->listing = $this->world->inWindow($this->stall);
    }

    public function test_a_new_stall_is_closed_and_its_page_says_so_in_its_look_and_nothing_else(): void
    {
        $new = app(OpenStall::class)($this->world->keeper(), [
            'name' => 'First plot',
            'handle' => 'n'.bin2hex(random_bytes(4)),
            'country' => 'GB',
            'home_market' => 'GB',
            'currency' => 'GBP',
            'vat_bp' => 2000,
            'flat_delivery_minor' => 295,
        ]);
        $page = $this->get($new->shopAddress('/'))
            ->assertStatus(503)
            ->assertHeader('Retry-After')
            ->assertSee('First plot')
            ->assertSee('This shop isn’t open yet.')
            ->assertSee('noindex', false)
            ->assertSee('data-look', false);
        $said = preg_replace('/\s+/', ' ', strip_tags((string) preg_replace(
            ['#<head>.*</head>#s', '#<a class="skip".*?</a>#s'],
            '',
            (string) $page->getContent(),
        )));
        self::assertSame(
            'First plot This shop isn’t open yet. E-mail Tell me Write to me when this shop opens, and now and then about new things. '.
                'I can stop it at any time.',
            trim((string) $said),
        );
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
    }

    public function test_no_page_of_a_closed_shop_sells_and_none_is_kept_ready(): void
    {
        $folder = storage_path('pages/'.$this->stall->handle.'.'.config('stall.shops_host'));
        foreach (['/', '/goods', '/goods/'.$this->listing->slug, '/basket', '/checkout'] as $path) {
            $this->get($this->stall->shopAddress($path))->assertStatus(503)->assertDontSee($this->listing->shown_title);
        }
        $this->post($this->stall->shopAddress('/basket'), [
            'listing' => $this->listing->id,
            'variant' => $this->listing->variants()->firstOrFail()->id,
        ])->assertStatus(503);
        self::assertSame([], glob($folder.'/*/index.html') ?: []);
    }

    public function test_a_keeper_looks_in_by_a_signed_address_and_leaves_no_page_for_shoppers(): void
    {
        $enter = $this->get(route('window.shop', $this->stall))->assertRedirect()->headers->get('Location');
        $pass = $this->get((string) $enter)->assertRedirect()->getCookie('keeper', false);
        self::assertNotNull($pass);
        $inside = $this->withUnencryptedCookie('keeper', (string) $pass->getValue())
            ->get($this->stall->shopAddress('/goods/'.$this->listing->slug))
            ->assertOk()
            ->assertSee($this->listing->shown_title);
        self::assertStringContainsString('no-store', (string) $inside->headers->get('Cache-Control'));
        $others = $this->world->stall();
        $others->update(['open' => false]);
        $this->get($others->shopAddress('/'))->assertStatus(503);
        $this->flushSession();
        $this->defaultCookies = $this->unencryptedCookies = [];
        $this->get($this->stall->shopAddress('/goods/'.$this->listing->slug))->assertStatus(503);
        $this->get($this->stall->shopAddress('/enter'))->assertNotFound();
        foreach (['', 'x', '99999999999.'.str_repeat('0', 64)] as $forged) {
            $this->withUnencryptedCookie('keeper', $forged)->get($this->stall->shopAddress('/'))->assertStatus(503);
        }
    }

    public function test_opening_and_closing_turn_every_page_and_orders_stay_reachable(): void
    {
        $this->put(route('window.open', $this->stall), ['open' => true])->assertRedirect(route('opening', $this->stall));
        self::assertFalse($this->stall->refresh()->open, 'first somebody looks at what is left');
        $this->put(route('window.open', $this->stall), ['open' => true, 'looked' => true])->assertSessionHas('say', 'The shop is open.');
        $this->get($this->stall->shopAddress('/'))->assertOk()->assertSee($this->listing->shown_title);
        $opened = $this->stall->refresh()->opened_at;
        self::assertNotNull($opened);
        $order = \WindowStall\Counter\Order::query()->findOrFail(
            $this->world->order($this->stall, $this->listing->variants()->firstOrFail(), 1, now()),
        );
        app(TurnSign::class)($this->stall, false);
        $this->get($this->stall->shopAddress('/'))->assertStatus(503)->assertSee('This shop is closed for a while.');
        $this->get($this->stall->shopAddress('/orders/'.$order->token))->assertOk();
        $this->put(route('window.open', $this->stall), ['open' => 'perhaps', 'looked' => true])->assertSessionHasErrors('open');
        self::assertFalse($this->stall->refresh()->open);
        self::assertEquals($opened, $this->stall->opened_at, 'when it was first opened');
    }
}
