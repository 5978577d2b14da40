<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Source\SupplierVariant;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Goods\GoodCard;

final class PagesTest extends AppTestCase
{
    public function test_a_product_page_says_all_a_shopper_and_a_search_engine_need(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->world->say($listing, ListingPatch::none()->words('<p>Forged & oiled</p>'));
        $html = (string) $this->get($stall->shopAddress('/goods/'.$listing->slug))
            ->assertOk()
            ->assertSee('£15.95 to £16.95')
            ->assertSee('In stock')
            ->assertSee('With you in 3 to 6 days')
            ->assertSeeInOrder(['width="1200"', 'height="1200"'], false)
            ->getContent();
        self::assertSame(1, preg_match('#<script type="application/ld\+json">(.+?)</script>#s', $html, $m));
        $ld = json_decode($m[1] ?? '', true);
        self::assertIsArray($ld);
        self::assertSame(['Product', 'Forged & oiled'], [$ld['@type'], $ld['description']]);
        self::assertSame(
            [['15.95', 'GBP', 'https://schema.org/InStock'], ['16.95', 'GBP', 'https://schema.org/InStock']],
            array_map(fn (array $o): array => [$o['price'], $o['priceCurrency'], $o['availability']], $ld['offers']),
        );
    }

    public function test_a_price_that_nobody_can_pay_is_promised_nowhere(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $cheap = $listing->variants()->orderBy('id')->firstOrFail();
        SupplierVariant::query()->whereKey($cheap->supplier_variant_id)->update(['stock' => 0]);
        event(new ListingsChanged($stall, [$listing->id]));
        $html = (string) $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertOk()->getContent();
        self::assertSame(1, preg_match('#<script type="application/ld\+json">(.+?)</script>#s', $html, $m));
        self::assertSame(['16.95'], array_column(json_decode($m[1] ?? '', true)['offers'], 'price'));
        self::assertStringNotContainsString('£15.95 to', $html);
        $card = GoodCard::of(ListingFigures::of($stall, $listing->refresh()));
        self::assertSame(['£16.95', false], [$card->price, $card->varied]);
        $this->get($stall->shopAddress('/search?q=trowel'))->assertSee('£16.95')->assertDontSee('£15.95');
    }

    public function test_a_suppliers_title_cant_break_out_of_the_page(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->world->say($listing, ListingPatch::none()->title('</script><script>alert(1)</script> "trowel"'));
        $html = (string) $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertOk()->getContent();
        self::assertStringNotContainsString('<script>alert', $html);
    }

    public function test_what_isnt_in_the_window_isnt_in_the_shop(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $this->get($stall->shopAddress('/goods/'.$listing->slug))
            ->assertNotFound()
            ->assertSee('isn’t on the stall any more', false);
        $this->get($stall->shopAddress('/'))->assertOk()->assertDontSee($listing->slug);
        $this->get('http://nobody.shops.localhost/')->assertNotFound();
    }

    public function test_a_listing_taken_out_is_gone_from_the_shop_at_once(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertOk();
        $this->postJson(route('bench.out', $stall), ['listings' => [$listing->id], 'to' => 'put_by'])->assertJson([
            'moved' => 1,
        ]);
        self::assertSame(ListingState::PutBy, $listing->refresh()->state);
        $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertNotFound();
    }
}
