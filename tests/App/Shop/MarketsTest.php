<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Offers\Code;
use WindowStall\Pricing\PriceListings;
use WindowStall\Pricing\SellToMarket;
use WindowStall\Shelves\GoodsFacts;
use WindowStall\Shop\GoodsFeed;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Each market's shoppers see and pay the prices of its own list, in its currency, on every page of the shop. */
final class MarketsTest extends AppTestCase
{
    /** €1 is £0.80, so that £15.95 is €19.94, which ends in 95 at €19.95. */
    private const RATE = '0.8';

    private Stall $stall;

    private Listing $trowel;

    private Listing $can;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-07 09:00');
        $this->stall = $this->world->stall($this->signIn());
        DB::table('exchange_rates')->updateOrInsert(
            ['stall_id' => $this->stall->id, 'from' => 'EUR'],
            ['rate' => self::RATE, 'cushion_bp' => 0, 'day' => '2026-12-07'],
        );
        $this->world->market($this->stall, 'IE', 410, [
            'currency' => 'EUR',
            'tax_bp' => 2_300,
            'ending' => json_encode(['part' => '0.95', 'direction' => 'nearest']),
        ]);
        $this->trowel = $this->world->inWindow($this->stall);
        $this->can = $this->world->inWindow($this->stall, Items::item([Items::variant('can', 900)], 'Can', id: 'can'));
        $this->place(['covers' => [['country' => 'IE']], 'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.95']]]]);
        app(PriceListings::class)($this->stall->refresh());
        app(GoodsFacts::class)($this->stall, null);
        $this->shopper = new Shopper($this, $this->stall);
        // What the supplier makes of an order is tested in Counter.
        Queue::fake([SendSupplierOrder::class]);
        $this->world->supplierSays(50);
    }

    public function test_a_set_is_put_in_at_the_prices_of_the_page_it_stood_on(): void
    {
        $apart = (int) $this->trowel->shown_from_minor + (int) $this->can->shown_from_minor;
        $this->postJson(route('codes.store', $this->stall), ['off' => [
            'by' => 'set',
            'goods' => [$this->trowel->id, $this->can->id],
            'price' => number_format(($apart - 500) / 100, 2, '.', ''),
        ]])->assertOk();
        $html = (string) $this->shopper->send('get', '/ie/goods/'.$this->can->slug)->assertOk()->getContent();
        self::assertMatchesRegularExpression('#class="set".*name="country" value="IE".*class="set-price"><b>€#s', $html);
        // Its cookie comes with a first thing put in, at home.
        $this->shopper->put($this->can->variants()->firstOrFail());
        $set = $this->stall->hasMany(Code::class)->value('id');
        $this->shopper->send('post', '/basket/set', ['set' => $set, 'country' => 'IE'])->assertRedirect('/basket');
        $this->shopper->send('get', '/basket')->assertSee('€')->assertDontSee('£')->assertSee('together for €');
    }

    public function test_a_goods_page_below_its_countrys_address_has_that_markets_prices_and_says_so_to_machines(): void
    {
        $shown = $this->shown($this->trowel);
        $page = $this->shopper->send('get', '/ie/goods/'.$this->trowel->slug)->assertOk();
        $page->assertSee('€'.$shown)
            ->assertDontSee('£')
            ->assertSee('"priceCurrency":"EUR"', escape: false)
            ->assertSee('With you in 5 to 10 days')
            ->assertSee('<link rel="canonical" href="'.$this->at('/ie/goods/'.$this->trowel->slug).'">', escape: false)
            ->assertSee('hreflang="en-GB"', escape: false)
            ->assertSee('name="country" value="IE"', escape: false);
        self::assertStringContainsString('Delivery €7.44, however much you buy', self::flat($page));
        $home = $this->shopper->send('get', '/goods/'.$this->trowel->slug)->assertOk()->assertSee('£15.95')->assertDontSee('€');
        self::assertStringContainsString('hreflang="en-IE" href="'.$this->at('/ie/goods/'.$this->trowel->slug), self::flat($home));
    }

    public function test_every_link_leads_to_the_same_market_but_those_that_know_by_themselves(): void
    {
        foreach (['/ie', '/ie/goods', '/ie/goods/'.$this->trowel->slug, '/ie/search?q=trowel'] as $path) {
            $html = (string) $this->shopper->send('get', $path)->assertOk()->getContent();
            preg_match_all('~\s(?:href|action)="(/[^"]*)"~', $html, $links);
            $strays = array_filter($links[1], static fn (string $to): bool => preg_match('~^/(ie(/|$|#)|basket|checkout|ask|media|shop-assets)~', $to) !== 1);
            self::assertSame([], array_values($strays), $path);
        }
    }

    public function test_lists_narrow_and_sort_by_the_markets_prices_and_leave_out_what_isnt_sold_there(): void
    {
        $shown = (float) $this->shown($this->trowel);
        $under = '/ie/goods?from='.($shown - 0.01).'&to='.($shown + 0.01);
        $this->shopper->send('get', $under)->assertSee($this->trowel->shown_title)->assertDontSee('/goods/'.$this->can->slug);
        DB::table('prices')->where('market', 'IE')->whereIn('listing_variant_id', $this->can->variants()->pluck('id'))
            ->update(['shown_minor' => null, 'price_minor' => null]);
        app(GoodsFacts::class)($this->stall, [$this->can->id]);
        $this->shopper->send('get', '/ie/goods')->assertDontSee('/goods/'.$this->can->slug);
        $this->shopper->send('get', '/goods')->assertSee('/goods/'.$this->can->slug);
        $this->shopper->send('get', '/ie/goods/'.$this->can->slug)->assertNotFound()->assertSee('Not here');
        $this->shopper->send('get', '/ie/sitemap.xml')->assertSee('/ie/goods/'.$this->trowel->slug)->assertDontSee($this->can->slug);
        $this->shopper->send('get', '/robots.txt')->assertSee('Sitemap: '.$this->at('/ie/sitemap.xml'));
    }

    public function test_the_feed_of_goods_has_each_markets_prices_in_parts_that_name_the_next(): void
    {
        $shown = $this->shown($this->trowel);
        $read = fn (string $path): TestResponse => $this->shopper->send('get', $path)->assertOk()
            ->assertHeader('Content-Type', 'application/ld+json')
            ->assertJsonPath('@type', 'DataFeed');
        $there = $read('/ie/goods.json');
        $offers = array_column((array) $there->json('dataFeedElement'), null, '@id');
        self::assertCount(2, $offers);
        $offered = $offers[$this->at('/ie/goods/'.$this->trowel->slug)]['offers'];
        self::assertSame(
            ['price' => $shown, 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/InStock'],
            Arr::only($offered[0], ['price', 'priceCurrency', 'availability']),
        );
        self::assertCount($this->trowel->variants()->count(), $offered);
        self::assertSame('GBP', $read('/goods.json')->json('dataFeedElement.0.offers.0.priceCurrency'));
        $this->shopper->send('get', '/goods')->assertSee($this->at('/goods.json'));
        self::assertNull($there->headers->get('Link'), 'there is no second part');
        $single = new GoodsFeed($this->stall, 1);
        self::assertSame([true, true, false], array_map($single->has(...), [1, 2, 3]));
        self::assertSame($this->at('/goods-2.json'), $single->address(2));
        self::assertSame([1, 1], array_map(static fn (int $part): int => count((array) $single->part($part)['dataFeedElement']), [1, 2]));
        self::assertNotSame($single->part(1)['dataFeedElement'], $single->part(2)['dataFeedElement']);
        $this->shopper->send('get', '/goods-2.json')->assertNotFound();

        // Not sold there any more.
        DB::table('prices')->where('market', 'IE')->whereIn('listing_variant_id', $this->can->variants()->pluck('id'))
            ->update(['shown_minor' => null, 'price_minor' => null]);
        app(GoodsFacts::class)($this->stall, [$this->can->id]);
        self::assertCount(1, $read('/ie/goods.json')->json('dataFeedElement'));
        $this->stall->update(['open' => false]);
        $this->shopper->send('get', '/goods.json')->assertStatus(503);
    }

    public function test_what_is_chosen_there_is_paid_there_and_kept_at_home(): void
    {
        $this->shopper->put($this->variant(), 2, ['country' => 'IE']);
        $unit = (int) round((float) $this->shown($this->trowel) * 100);
        // £5.95 ÷ 0.80 is €7.4375.
        $total = 2 * $unit + 744;
        $this->shopper->send('get', '/basket')->assertSee('€7.44')->assertSee('data-total>€'.number_format($total / 100, 2), escape: false)
            ->assertSee('href="/ie/goods/'.$this->trowel->slug, escape: false);
        $this->shopper->checkOut(self::THERE + ['currency' => 'EUR'])->assertRedirect();
        $order = $this->shopper->pay($this->shopper->order());
        self::assertSame(['EUR', 'GBP', $total, 'paid'], [$order->currency, $order->home_currency, $order->total_minor, $order->state->value]);
        self::assertSame('EUR', DB::connection('payment')->table('payments')->where('id', $order->payment_id)->value('currency'));
        $till = OrderFigures::till($order->load('supplierOrders'));
        self::assertSame('GBP', $till->keep->currency->code);
        self::assertSame((int) round(2 * $unit * 0.8), $till->price->minor);
        self::assertSame(595, $till->charged->minor);
    }

    /** The same number of pence as of cents is no agreement. */
    public function test_another_country_means_other_prices_which_are_shown_before_they_are_paid(): void
    {
        $this->shopper->put($this->variant());
        $total = (int) round((float) $this->shown($this->trowel) * 100) + 744;
        foreach ([[], ['total' => $total], ['total' => $total, 'currency' => 'GBP']] as $seen) {
            $this->shopper->checkOut(self::THERE + $seen)->assertStatus(409)->assertSee('Look at the new total');
        }
        self::assertSame(0, Order::query()->count());
        $this->shopper->checkOut(self::THERE + ['total' => $total, 'currency' => 'EUR'])->assertRedirect();
        // And back home again; what was seen in euros is no price that moved.
        $this->shopper->send('post', '/basket/where', ['country' => 'GB']);
        $this->shopper->send('get', '/basket')->assertSee('£18.90')->assertDontSee('when you chose it');
    }

    public function test_an_amount_off_and_its_least_basket_count_in_the_markets_currency_and_add_up(): void
    {
        $this->postJson($this->workshop('codes.store'), [
            'code' => 'FIVE', 'off' => ['by' => 'amount', 'amount' => '5.00'], 'holds' => ['by' => 'all'], 'least' => '15.00', 'under_floor' => true,
        ])->assertOk();
        $this->shopper->put($this->variant(), 1, ['country' => 'IE']);
        $this->shopper->send('post', '/basket/codes', ['code' => 'five'])->assertRedirect();
        $this->shopper->send('get', '/basket')->assertSee('Code FIVE, €6.25 off')->assertSee('−€6.25');
        $this->shopper->checkOut(self::THERE + ['currency' => 'EUR'])->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame([625, 625], [$order->discount_minor, (int) $order->lines()->sum('discount_minor')]);
        self::assertSame($order->total_minor, $order->goods_minor + $order->delivery_minor);
    }

    public function test_what_is_offered_for_less_shows_the_lowest_of_that_markets_own_last_days(): void
    {
        $before = '€'.$this->shown($this->trowel);
        DB::table('price_history')->update(['asked_at' => DB::raw("asked_at - interval '2 days'")]);
        $id = $this->variant()->id;
        $this->world->say($this->trowel, ListingPatch::none()->price([$id], Money::gbp(1_300))->was([$id], Money::gbp(1_595)));
        $now = '€'.$this->shown($this->trowel);
        self::assertLessThan($before, $now);
        $page = $this->shopper->send('get', '/ie/goods/'.$this->trowel->slug);
        $page->assertSee('Lowest price of the last 30 days: '.$before)->assertDontSee('£15.95');
        $this->shopper->send('get', '/ie/goods?offers=1')->assertSee('/ie/goods/'.$this->trowel->slug)->assertDontSee('/goods/'.$this->can->slug);
        $this->shopper->send('get', '/goods/'.$this->trowel->slug)->assertSee('£15.95');
    }

    public function test_a_basket_taken_along_goes_where_it_went_at_those_prices(): void
    {
        $this->shopper->put($this->variant(), 1, ['country' => 'IE']);
        $this->shopper->send('post', '/basket/link');
        $link = '/basket/from/'.DB::table('baskets')->value('link');
        $another = new Shopper($this, $this->stall);
        $another->send('get', $link)->assertSee('€'.$this->shown($this->trowel))->assertDontSee('£');
        $another->send('post', $link)->assertRedirect('/basket');
        self::assertSame(['IE', 'IE'], DB::table('baskets')->pluck('country')->all());
    }

    public function test_what_isnt_sold_there_is_said_so_in_the_basket_and_sold_at_home(): void
    {
        $can = $this->can->variants()->firstOrFail();
        DB::table('prices')->where('market', 'IE')->where('listing_variant_id', $can->id)->update(['shown_minor' => null, 'price_minor' => null]);
        $this->shopper->put($this->variant(), 1, ['country' => 'IE']);
        $this->shopper->put($can)->assertRedirect('/basket');
        $this->shopper->send('get', '/basket')->assertSee('isn’t sold to Ireland. Take it out of the basket to go on.')->assertDontSee('Go to checkout');
        $this->shopper->send('post', '/basket/where', ['country' => 'GB']);
        $this->shopper->send('get', '/basket')->assertDontSee('isn’t sold to')->assertSee('Go to checkout');
        $this->shopper->put($can, 1, ['country' => 'IE'])->assertUnprocessable();
    }

    #[TestWith(['/gb/goods?sort=newest', '/goods?sort=newest'])]
    #[TestWith(['/gb', '/'])]
    public function test_the_home_market_needs_no_address_of_its_own(string $from, string $to): void
    {
        $this->shopper->send('get', $from)->assertStatus(301)->assertRedirect($this->at($to));
    }

    public function test_a_country_that_isnt_sold_or_sent_to_has_no_pages(): void
    {
        $this->shopper->send('get', '/fr/goods')->assertNotFound()->assertSee('Not here');
        DB::table('places')->where('stall_id', $this->stall->id)->whereRaw("covers::text LIKE '%IE%'")->delete();
        $this->shopper->send('get', '/ie')->assertNotFound();
        self::assertSame(['GB'], array_column(ShopMarket::all($this->stall->refresh()->unsetRelations()), 'country'));
    }

    public function test_a_markets_ready_pages_go_with_what_they_show_and_with_the_market(): void
    {
        $paths = ['/ie.html', '/ie/goods.html', '/ie/goods/'.$this->trowel->slug.'.html', '/ie/goods/'.$this->can->slug.'.html'];
        foreach (['/ie', '/ie/goods', '/ie/goods/'.$this->trowel->slug, '/ie/goods/'.$this->can->slug] as $path) {
            $this->shopper->send('get', $path)->assertOk();
        }
        self::assertSame([true, true, true, true], array_map($this->isKept(...), $paths));
        $this->world->say($this->trowel, ListingPatch::none()->price([$this->variant()->id], Money::gbp(1_750)));
        self::assertSame([false, false, false, true], array_map($this->isKept(...), $paths));
        $this->shopper->send('get', '/ie/goods/'.$this->trowel->slug)->assertSee('€21.95');
        app(SellToMarket::class)($this->stall->refresh(), null, 'IE', false);
        $this->shopper->send('get', '/ie/goods/'.$this->can->slug)->assertNotFound();
        self::assertSame(0, DB::table('goods_abroad')->count());
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder());
        parent::tearDown();
    }

    private const THERE = [
        'country' => 'IE', 'postcode' => 'D02 AF30', 'email' => 'orla@fennimore.example', 'name' => 'Orla', 'street' => '4 Quay',
        'town' => 'Dublin',
    ];

    private function variant(): ListingVariant
    {
        return $this->trowel->variants()->firstOrFail();
    }

    /** What the price list of Ireland asks for the first variant, "19.95". */
    private function shown(Listing $listing): string
    {
        $price = DB::table('prices')->where('market', 'IE')
            ->where('listing_variant_id', $listing->variants()->firstOrFail()->id)->firstOrFail();
        self::assertSame('EUR', $price->currency);
        self::assertSame(95, $price->shown_minor % 100);

        return number_format($price->shown_minor / 100, 2);
    }

    private function at(string $path): string
    {
        return $this->stall->shopAddress($path);
    }

    private function folder(): string
    {
        return storage_path('pages/'.$this->stall->handle.'.'.config('stall.shops_host'));
    }

    private function isKept(string $file): bool
    {
        return is_file($this->folder().'/current'.$file);
    }

    private function workshop(string $route): string
    {
        return 'http://'.config('stall.workshop_host').route($route, $this->stall, false);
    }

    /** @param  \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>  $page */
    private static function flat(TestResponse $page): string
    {
        return (string) preg_replace('/\s+/', ' ', (string) $page->getContent());
    }

    /** @param  array<string, mixed>  $place */
    private function place(array $place): void
    {
        $this->postJson($this->workshop('delivery.places.store'), $place)->assertOk();
    }
}
