<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Variant;
use WindowStall\Counter\OrderLine;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketRow;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** A basket between the first click and the checkout: what it says when the shop changes under it. */
final class BasketTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    private ListingVariant $variant;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
        $this->variant = $this->listing->variants()->firstOrFail();
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_adding_again_adds_up_and_never_past_what_there_is(): void
    {
        $this->shopper->put($this->variant, 2);
        $this->shopper->put($this->variant, 3);
        self::assertSame(5, $this->row()->quantity);
        $this->shopper->put($this->variant, 90);
        self::assertSame(12, $this->row()->quantity, 'twelve are in stock');
        self::assertSame(1, BasketRow::query()->where('basket_id', $this->row()->basket_id)->count());
    }

    public function test_the_number_is_changed_and_the_line_taken_out(): void
    {
        $this->shopper->put($this->variant);
        $line = '/basket/'.$this->row()->id;
        $this->shopper
            ->send('post', $line, ['quantity' => 3])
            ->assertRedirect('/basket')
            ->assertPlainCookie('basket_count', '3');
        $this->shopper->send('get', '/basket')->assertSee('£47.85');
        foreach (['x', -1, 100, ''] as $nonsense) {
            $this->shopper->send('post', $line, ['quantity' => $nonsense]);
            self::assertLessThanOrEqual(
                3,
                (int) BasketRow::query()->where('listing_variant_id', $this->variant->id)->value('quantity'),
            );
        }
        $this->shopper->put($this->variant);
        $this->shopper
            ->send('post', '/basket/'.$this->row()->id, ['remove' => 1])
            ->assertRedirect('/basket')
            ->assertPlainCookie('basket_count', '0');
        $this->shopper->send('get', '/basket')->assertSee('It is empty.');
    }

    public function test_it_says_which_parcels_come_and_when_and_the_order_keeps_that(): void
    {
        $this->travelTo('2026-12-07 09:00');
        $this->comes('GB', 1, 2);
        $this->shopper->put($this->variant);
        foreach (['/basket', '/checkout'] as $page) {
            $this->shopper->send('get', $page)->assertSeeInOrder(['With you', 'Wednesday 9 to Friday 11 December', 'if you order today']);
        }
        $this->shopper->checkOut()->assertRedirect();
        $line = fn (): OrderLine => OrderLine::query()->where('listing_variant_id', $this->variant->id)->firstOrFail();
        self::assertSame(['2026-12-09', '2026-12-11'], [$line()->promised_from, $line()->promised_to]);

        // Pressed again the next day it is the same order, with that day's promise.
        $this->travelTo('2026-12-08 09:00');
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame(['2026-12-10', '2026-12-14'], [$line()->promised_from, $line()->promised_to]);

        $this->comes('CN', 14, 23);
        $can = new Variant('can', 'SKU-can', null, [], Money::of(540, 'USD'), null, 300, ['CN' => 40], 0);
        $far = $this->world->inWindow($this->stall, Items::item([$can], 'Can', id: 'can'))->variants()->firstOrFail();
        $this->shopper->put($far);
        $this->shopper->send('get', '/basket')
            ->assertSee('It comes in 2 parcels, if you order today:')
            ->assertSee('Thursday 10 to Monday 14 December')
            ->assertSee('Thursday 31 December to Friday 15 January');
    }

    /** What its supplier says of the way from a warehouse; packing takes it a day or two besides. */
    private function comes(string $from, int $least, int $most): void
    {
        DB::table('delivery_quotes')->upsert([
            'connection_id' => $this->world->connection($this->stall)->id,
            'warehouse' => $from,
            'destination' => 'GB',
            'grams' => 300,
            'methods' => json_encode([['Economy', 237, $least, $most]]),
            'quoted_at' => now(),
        ], ['connection_id', 'warehouse', 'destination', 'grams'], ['methods']);
    }

    private function tells(ListingVariant $variant, int $least, int $most): void
    {
        SupplierVariant::query()
            ->whereKey($variant->refresh()->selling()->id)
            ->update(['days_min' => $least, 'days_max' => $most]);
    }

    public function test_what_moved_since_it_was_chosen_is_said_until_it_is_chosen_again_from_a_page_that_says_so(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/basket')->assertDontSee('when you chose it');
        $this->world->say($this->listing, ListingPatch::none()->price([$this->variant->id], $this->stall->money(1_234)));
        $this->tells($this->variant, 6, 9);

        foreach (['/basket', '/basket', '/checkout'] as $page) {
            $this->shopper
                ->send('get', $page)
                ->assertSee('now costs £12.34. It was £15.95 when you chose it.')
                ->assertSee('now comes in 6 to 9 days. It was');
        }
        // Neither other goods nor a page that still says what was before make it known.
        $other = $this->world->inWindow($this->stall, Items::item([Items::variant('can')], 'Can', id: 'can'));
        $this->tells($this->variant, 6, 9);
        $this->shopper->put($other->variants()->firstOrFail());
        $this->shopper->send('post', '/basket/'.$this->row()->id, ['quantity' => 3, 'seen' => 'GBP1595 3 to 5 days']);
        $this->shopper->send('get', '/basket')->assertSee('now costs £12.34. It was £15.95 when you chose it.');

        $page = (string) $this->shopper->send('get', '/basket')->getContent();
        self::assertSame(1, preg_match('/name="seen" value="(GBP1234 [^"]+)"/', $page, $said));
        $this->shopper->send('post', '/basket/'.$this->row()->id, ['quantity' => 2, 'seen' => $said[1] ?? '']);
        $this->shopper->send('get', '/basket')->assertDontSee('when you chose it')->assertSee('£24.68');
    }

    public function test_how_much_is_missing_to_free_delivery_is_said_where_that_keeps_enough(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/basket')->assertDontSee('delivery is free');
        $this->stall->update(['free_over_minor' => 4_000]);
        $this->shopper->send('get', '/basket')->assertSee('£24.05 more, and delivery');
        $this->shopper->put($this->variant, 2);
        $this->shopper->send('get', '/basket')->assertDontSee('more, and delivery')->assertSee('free');

        $this->shopper->send('post', '/basket/'.$this->row()->id, ['quantity' => 1]);
        // Sold on purpose for hardly more than it costs, an order that is sent free would lose.
        $this->world->say(
            $this->listing,
            ListingPatch::none()
                ->price([$this->variant->id], $this->stall->money(600))
                ->underFloor([$this->variant->id], true),
        );
        $this->shopper->send('get', '/basket')->assertSee('£6.00')->assertDontSee('more, and delivery');
    }

    public function test_a_basket_is_taken_along_by_an_address_that_doesnt_name_it(): void
    {
        $this->shopper->put($this->variant, 3);
        $basket = Basket::query()->where('stall_id', $this->stall->id)->firstOrFail();
        $page = (string) $this->shopper->send('post', '/basket/link')->assertOk()->getContent();
        self::assertSame(1, preg_match('#/basket/from/([A-Za-z0-9]{24})#', $page, $m));
        self::assertStringNotContainsString($basket->id, $page);
        $this->shopper->send('post', '/basket/link')->assertSee($m[1] ?? '', escape: false);

        $other = new Shopper($this, $this->stall);
        $other->send('get', $m[0] ?? '')->assertSee('3 × ')->assertSee('Put them in my basket');
        $other->put($this->variant);
        foreach ([4, 7] as $pieces) {
            $other->send('post', $m[0] ?? '')->assertRedirect('/basket');
            $other->send('get', '/basket')->assertSee('value="'.$pieces.'"', escape: false);
        }
        $this->shopper->send('post', $m[0] ?? '')->assertRedirect('/basket');
        $this->shopper->send('get', '/basket')->assertSee('value="3"', escape: false);

        $other->send('get', '/basket/from/'.str_repeat('x', 24))->assertNotFound();
        (new Shopper($this, $this->world->stall()))->send('get', $m[0] ?? '')->assertNotFound();
    }

    public function test_who_ticks_it_is_written_to_and_nobody_else(): void
    {
        $this->shopper->put($this->variant);
        $this->shopper->send('get', '/checkout')->assertSee('Nothing happens if I don’t.')->assertDontSee('value="1" checked', escape: false);
        $this->shopper->checkOut()->assertRedirect();
        self::assertSame(0, DB::table('sign_ups')->count());
        $this->shopper->checkOut(['news' => '1'])->assertRedirect();
        self::assertSame(['ines@fennimore.example'], DB::table('sign_ups')->pluck('email')->all());
    }

    public function test_the_cookie_that_names_the_basket_cant_be_read_by_scripts(): void
    {
        $facts = [];
        foreach ($this->shopper->put($this->variant)->headers->getCookies() as $cookie) {
            $facts[$cookie->getName()] = [$cookie->isHttpOnly(), $cookie->getSameSite()];
        }
        self::assertSame([true, 'lax'], $facts[Basket::COOKIE]);
        self::assertSame([false, 'lax'], $facts['basket_count']);
    }

    public function test_a_basket_of_another_shop_or_a_made_up_one_is_nobodys(): void
    {
        $this->shopper->put($this->variant);
        $id = $this->row()->basket_id;
        $other = $this->world->stall();
        $this->withUnencryptedCookies([Basket::COOKIE => $id])
            ->get($other->shopAddress('/basket'))
            ->assertSee('It is empty.');
        foreach (['nonsense', "' or 1=1 --", '00000000-0000-4000-8000-000000000000', ''] as $made) {
            $this->withUnencryptedCookies([Basket::COOKIE => $made])
                ->get($this->stall->shopAddress('/basket'))
                ->assertOk()
                ->assertSee('It is empty.');
        }
    }

    public function test_what_left_the_window_or_was_switched_off_stands_in_the_way_kindly(): void
    {
        $this->shopper->put($this->variant);
        $this->listing->update(['state' => ListingState::PutBy]);
        $this->shopper
            ->send('get', '/basket')
            ->assertSee('has sold out. Take it out of the basket to go on.')
            ->assertDontSee('Go to checkout');
        $this->listing->update(['state' => ListingState::InWindow]);
        $this->world->say($this->listing, ListingPatch::none()->switched([$this->variant->id], false));
        $this->shopper->send('get', '/basket')->assertSee('has sold out.');
    }

    public function test_todays_price_stands_in_the_basket(): void
    {
        $this->shopper->put($this->variant);
        $this->world->say($this->listing, ListingPatch::none()->price([$this->variant->id], $this->stall->money(2000)));
        $this->shopper->send('get', '/basket')->assertSee('£22.95');
    }

    public function test_the_same_goods_at_the_same_prices_have_the_same_mark_and_any_change_another(): void
    {
        $this->shopper->put($this->variant);
        $mark = fn (): string => BasketContents::of(
            $this->stall->refresh(),
            Basket::query()->findOrFail($this->row()->basket_id),
        )->hash();
        $first = $mark();
        self::assertSame($first, $mark());
        $this->shopper->put($this->variant);
        self::assertNotSame($first, $second = $mark());
        $this->stall->update(['flat_delivery_minor' => 500]);
        self::assertNotSame($second, $mark());
    }

    public function test_an_empty_basket_has_no_checkout(): void
    {
        $this->shopper->send('get', '/checkout')->assertRedirect('/basket');
        $this->shopper->send('post', '/checkout', ['email' => 'x'])->assertRedirect('/basket');
    }

    /** @phpstan-impure */
    private function row(): BasketRow
    {
        return BasketRow::query()->where('listing_variant_id', $this->variant->id)->latest('id')->firstOrFail();
    }

    public function test_what_can_not_be_put_in_makes_no_basket(): void
    {
        $before = \WindowStall\Shop\Basket::query()->count();
        $shopper = new Shopper($this, $this->stall);
        foreach (
            [
                ['listing' => 999_999],
                ['variant' => 999_999],
                ['quantity' => 0],
                ['quantity' => 'abc'],
                ['quantity' => ['1']],
            ] as $bogus
        ) {
            $shopper->put($this->variant, 1, $bogus)->assertUnprocessable();
        }
        self::assertSame($before, \WindowStall\Shop\Basket::query()->count());
    }

    public function test_a_number_that_is_none_removes_nothing(): void
    {
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->variant, 2);
        $line = \WindowStall\Shop\BasketRow::query()->latest('id')->firstOrFail();
        foreach (['abc', '', '1e1', '-1', '2.5', ['0']] as $typed) {
            $shopper->send('post', '/basket/'.$line->id, ['quantity' => $typed])->assertUnprocessable();
            self::assertSame(2, $line->refresh()->quantity);
        }
        $shopper->send('post', '/basket/'.$line->id, ['quantity' => '0'])->assertRedirect();
        self::assertFalse($line->exists && \WindowStall\Shop\BasketRow::query()->whereKey($line->id)->exists());
    }
}
