<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Shop\PageStore;
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
        $stall->bumpShop();
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

    public function test_a_page_is_kept_ready_until_something_it_shows_changes(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $file = fn (): string => storage_path(
            'pages/'.$stall->handle.'.shops.localhost/current/goods/'.$listing->slug.'.html',
        );
        $this->get($stall->shopAddress('/goods/'.$listing->slug));
        self::assertFileExists($file());
        $this->world->say($listing, ListingPatch::none()->title('Another name'));
        self::assertFileDoesNotExist($file());
        $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertSee('Another name');
        self::assertStringContainsString('Another name', (string) file_get_contents($file()));
    }

    public function test_a_page_made_for_a_former_state_never_appears_under_a_newer_one(): void
    {
        $pages = new PageStore();
        $handle = 'p'.bin2hex(random_bytes(4));
        $pages->turnTo($handle, 5);
        $pages->turnTo($handle, 6);
        $pages->write($handle, 5, '/', 'stale');
        self::assertFileDoesNotExist(storage_path('pages/'.$handle.'.shops.localhost/current/index.html'));
        $pages->turnTo($handle, 5);
        self::assertTrue($pages->current($handle, 6), 'a revision is never turned back');
        $pages->write($handle, 6, '/../../x', 'out of the folder');
        self::assertSame([], glob(storage_path('pages/*x*.html')) ?: []);
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

    public function test_where_only_some_goods_changed_the_pages_of_the_others_are_carried_over(): void
    {
        $pages = new PageStore();
        $handle = 'carried-'.Str::random(6);
        $shop = storage_path('pages/'.strtolower($handle).'.'.config('stall.shops_host'));
        $handle = strtolower($handle);
        $pages->turnTo($handle, 7);
        foreach (['/', '/goods/can', '/goods/dibber'] as $path) {
            $pages->write($handle, 7, $path, 'of revision 7: '.$path);
        }
        $pages->turnTo($handle, 8, only: ['can']);
        self::assertSame('of revision 7: /goods/dibber', file_get_contents($shop.'/current/goods/dibber.html'));
        self::assertFileExists($shop.'/current/goods/dibber.html.gz');
        self::assertFileDoesNotExist($shop.'/current/goods/can.html');
        self::assertFileDoesNotExist($shop.'/current/index.html', 'it shows many goods');
        $pages->turnTo($handle, 10, only: ['can']);
        self::assertFileDoesNotExist($shop.'/current/goods/dibber.html', 'nobody knows what revision 9 changed');
        File::deleteDirectory($shop);
    }
}
