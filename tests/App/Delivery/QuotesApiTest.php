<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Delivery;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\ListingVariant;
use WindowStall\Pricing\PriceListings;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\App\Support\Described;
use WindowStall\Tests\Core\Source\Items;

/** What programs read and write of places, and what they are told of a basket. */
final class QuotesApiTest extends AppTestCase
{
    use Described;

    private Stall $stall;

    private int $variant;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 10:00');
        $this->stall = $this->world->stall();
        $this->variant = $this->world->inWindow($this->stall)->variants()->firstOrFail()->id;
    }

    public function test_a_quote_says_what_the_shop_says(): void
    {
        $quote = $this->ask('post', 'quotes', $this->asked())->assertOk();
        self::assertDescribed($quote, 'post', '/quotes');
        $quote->assertJson([
            'currency' => 'GBP', 'place' => ['name' => 'the United Kingdom'], 'goes' => true, 'stops' => [], 'lines' => [0],
        ]);
        $way = $quote->json('ways.0');
        self::assertSame(['2.95', '34.85', '2026-12-04', '2026-12-09'], [$way['charge'], $way['total'], $way['from'], $way['to']]);
        self::assertSame([0], $way['parcels'][0]['lines']);
        self::assertNotSame([], $way['reasons']);

        $shopper = new Shopper($this, $this->stall);
        $shopper->put(ListingVariant::query()->findOrFail($this->variant), 2);
        $shopper->checkOut()->assertRedirect();
        $order = $shopper->order();
        self::assertSame([$way['total'], $way['tax']], [$order->money($order->total_minor)->digits(), $order->money($order->tax_minor)->digits()]);
        self::assertSame($way['to'], $order->lines->firstOrFail()->promised_to);
    }

    public function test_a_quote_with_codes_says_what_they_take_off_as_a_basket_does(): void
    {
        $this->ask('post', 'codes', ['code' => 'beans 10', 'off' => ['by' => 'percent', 'share' => '0.1']], '--decide')->assertOk();
        $this->ask('post', 'codes', ['code' => 'post', 'off' => ['by' => 'delivery'], 'least' => '20.00'], '--decide')->assertOk();
        $quote = $this->ask('post', 'quotes', ['codes' => [' Beans-10', 'POST', 'nothing']] + $this->asked())->assertOk();
        self::assertDescribed($quote, 'post', '/quotes');
        // Two at £15.95 less 10%, rounded half up; delivery is paid by the other.
        self::assertSame(['3.19'], $quote->json('discounts'));
        self::assertSame([['code' => 'BEANS10', 'off' => '3.19', 'words' => '10% off']], array_slice($quote->json('codes'), 0, 1));
        self::assertSame(['NOTHING'], array_column($quote->json('refused'), 'code'));
        self::assertSame(['28.71', '0.00', '28.71'], array_values(array_intersect_key(
            $quote->json('ways.0.paid'),
            ['goods' => 0, 'charge' => 0, 'total' => 0],
        )));

        // Whoever buys isn't who asked.
        Auth::forgetGuards();
        $this->withoutToken();
        $shopper = new Shopper($this, $this->stall);
        $shopper->put(ListingVariant::query()->findOrFail($this->variant), 2);
        foreach (['beans10', 'post'] as $code) {
            $shopper->send('post', '/basket/codes', ['code' => $code])->assertRedirect();
        }
        $shopper->checkOut()->assertRedirect();
        self::assertSame(2_871, $shopper->order()->total_minor);
        $twice = [...$this->asked()['lines'], ...$this->asked()['lines']];
        $this->ask('post', 'quotes', ['lines' => $twice] + $this->asked())->assertUnprocessable();
        $this->ask('post', 'quotes', ['codes' => array_fill(0, 6, 'A')] + $this->asked())->assertUnprocessable();
    }

    public function test_a_quote_abroad_says_what_is_paid_there_with_its_tax_by_rate(): void
    {
        DB::table('exchange_rates')->updateOrInsert(
            ['stall_id' => $this->stall->id, 'from' => 'EUR'],
            ['rate' => '0.8', 'cushion_bp' => 0, 'day' => '2026-12-01'],
        );
        $this->world->market($this->stall, 'IE', 410, ['currency' => 'EUR', 'tax_bp' => 2_300]);
        $this->ask('post', 'places', [
            'covers' => [['country' => 'IE']], 'ways' => [['charge' => ['by' => 'flat', 'amount' => '4.00']]],
        ], '--decide')->assertOk();
        $rate = ['country' => 'IE', 'class' => 'reduced', 'rate' => '0.135', 'source' => 'a letter'];
        $this->ask('post', 'tax-rates', $rate)->assertForbidden();
        $made = $this->ask('post', 'tax-rates', $rate, '--decide')->assertOk();
        self::assertDescribed($made, 'post', '/tax-rates');
        $made->assertJsonPath('data.0.rate', '0.135');
        $listing = ListingVariant::query()->findOrFail($this->variant)->listing_id;
        DB::table('tax_classes')->insert([
            'stall_id' => $this->stall->id, 'by' => 'listing', 'value' => (string) $listing, 'class' => 'reduced',
        ]);
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]));
        app(PriceListings::class)(Stall::query()->findOrFail($this->stall->id));
        $quote = $this->ask('post', 'quotes', ['to' => ['country' => 'IE', 'postcode' => 'D02 AF30']] + $this->asked())->assertOk();
        self::assertDescribed($quote, 'post', '/quotes');
        $unit = (int) DB::table('prices')->where('market', 'IE')->where('listing_variant_id', $this->variant)->value('shown_minor');
        // £4.00 is €5.00; all of it bears 13.5%.
        $total = 2 * $unit + 500;
        $paid = $quote->json('ways.0.paid');
        self::assertSame(['EUR', '5.00', number_format($total / 100, 2)], [$paid['currency'], $paid['charge'], $paid['total']]);
        self::assertSame([['rate' => '0.135', 'asked' => $paid['total'], 'tax' => $paid['tax']]], $paid['taxes']);
        self::assertSame((int) round($total - $total / 1.135), (int) round((float) $paid['tax'] * 100));

        $id = (int) $made->json('data.0.id');
        self::assertDescribed($this->ask('put', 'tax-rates/'.$id, ['rate' => '0.09'] + $rate, '--decide')->assertOk(), 'put', '/tax-rates/{taxRate}');
        $wrong = $this->ask('put', 'tax-rates/'.$id, ['rate' => '9'] + $rate, '--decide')->assertUnprocessable();
        self::assertDescribed($wrong, 'put', '/tax-rates/{taxRate}');
        $this->ask('delete', 'tax-rates/999999', [], '--decide')->assertNotFound();
        self::assertDescribed($this->ask('delete', 'tax-rates/'.$id, [], '--decide')->assertOk(), 'delete', '/tax-rates/{taxRate}');
        self::assertDescribed($this->ask('get', 'tax-rates')->assertOk()->assertJsonCount(0, 'data'), 'get', '/tax-rates');
    }

    public function test_where_it_cant_go_the_quote_says_why(): void
    {
        $quote = $this->ask('post', 'quotes', ['to' => ['country' => 'FR']] + $this->asked())->assertOk();
        self::assertDescribed($quote, 'post', '/quotes');
        $quote->assertJson(['goes' => false, 'place' => null, 'stops' => [['line' => null, 'why' => 'no_place']], 'ways' => []]);
        $quote->assertJsonPath('reasons.0', 'No place of yours has this address in France.');
    }

    /** @param  array<string, mixed>  $wrong */
    #[TestWith([['lines' => []]])]
    #[TestWith([['lines' => [['variant' => 1, 'quantity' => 1]]]])]
    #[TestWith([['to' => ['country' => 'Britain']]])]
    #[TestWith([['to' => ['country' => 'GB', 'postcode' => 'D02 AF30']]])]
    #[TestWith([['to' => ['country' => 'GB', 'part' => 'US-OR']]])]
    #[TestWith([['to' => 'GB']])]
    #[TestWith([['at' => 'soon']])]
    public function test_what_cant_be_quoted_is_said(array $wrong): void
    {
        $answer = $this->ask('post', 'quotes', $wrong + $this->asked())->assertUnprocessable();
        self::assertDescribed($answer, 'post', '/quotes');
    }

    public function test_places_are_read_and_written_by_a_token_that_may(): void
    {
        $place = [
            'name' => 'the islands',
            'covers' => [['country' => 'GB', 'postcodes' => 'ZE']],
            'ways' => [['charge' => ['by' => 'weight', 'bands' => [['up_to' => 500, 'amount' => '5.00']], 'beyond' => '8.00']]],
        ];
        $this->ask('post', 'places', $place)->assertForbidden();
        $made = $this->ask('post', 'places', $place, '--decide')->assertOk();
        self::assertDescribed($made, 'post', '/places');
        $id = (int) $made->json('data.1.id');
        $quote = $this->ask('post', 'quotes', ['to' => ['country' => 'GB', 'postcode' => 'ZE1 0AA']] + $this->asked());
        $quote->assertJsonPath('ways.0.charge', '8.00');

        $changed = $this->ask('put', 'places/'.$id, ['name' => 'Shetland'] + $place, '--decide')->assertOk();
        self::assertDescribed($changed, 'put', '/places/{place}');
        $changed->assertJsonPath('data.1.said', 'Shetland');
        self::assertDescribed($this->ask('put', 'places/'.$id, ['covers' => []], '--decide')->assertUnprocessable(), 'put', '/places/{place}');
        self::assertDescribed($this->ask('put', 'places/999999', $place, '--decide')->assertNotFound(), 'put', '/places/{place}');
        $this->ask('delete', 'places/'.$id, [], '--decide')->assertOk();
        self::assertDescribed($this->ask('get', 'places')->assertOk()->assertJsonCount(1, 'data'), 'get', '/places');
    }

    public function test_what_markets_bear_is_read_and_written_and_prices_follow(): void
    {
        $this->world->market($this->stall, 'IE', 410);
        $terms = ['currency' => 'EUR', 'ending' => '0.95', 'tax' => '0.23', 'duty' => '0.027', 'duty_on' => 'goods'];
        $this->ask('put', 'markets/IE', $terms)->assertForbidden();
        $said = $this->ask('put', 'markets/IE', $terms, '--decide')->assertOk();
        self::assertDescribed($said, 'put', '/markets/{market}');
        $said->assertJson(['data' => [
            ['market' => 'GB', 'home' => true, 'tax' => '0.2'],
            ['market' => 'IE', 'currency' => 'EUR', 'tax' => '0.23', 'duty' => '0.027', 'tax_included' => true],
        ]]);
        self::assertSame('EUR', ListingVariant::query()->findOrFail($this->variant)->prices()->where('market', 'IE')->value('currency'));
        $home = $this->ask('put', 'markets/GB', ['tax' => '0.175'], '--decide')->assertOk();
        self::assertSame(1_750, $this->stall->refresh()->vat_bp);
        self::assertDescribed($home, 'put', '/markets/{market}');
        foreach ([['tax' => 'much'], ['currency' => 'XTS'], ['ending' => '2.00'], ['prices' => 'guess']] as $wrong) {
            $this->ask('put', 'markets/IE', $wrong + $terms, '--decide')->assertUnprocessable();
        }
        $this->ask('put', 'markets/FR', $terms, '--decide')->assertNotFound();
        $spoken = $this->ask('put', 'markets/IE', ['languages' => ['de', 'en']] + $terms, '--decide')->assertOk();
        self::assertSame(['de', 'en'], array_column($spoken->json('data'), 'languages', 'market')['IE']);
        self::assertSame(['de', 'en'], array_column($this->ask('put', 'markets/IE', $terms, '--decide')->json('data'), 'languages', 'market')['IE']);
        foreach (['de', ['xx'], ['de', 'de'], ['a' => 'de'], [['de']]] as $wrong) {
            $this->ask('put', 'markets/IE', ['languages' => $wrong] + $terms, '--decide')->assertUnprocessable();
        }
        self::assertDescribed($this->ask('get', 'markets')->assertOk(), 'get', '/markets');
    }

    public function test_codes_are_read_and_written_by_a_token_that_may(): void
    {
        $code = ['code' => 'beans 10', 'off' => ['by' => 'percent', 'share' => '0.1'], 'most_uses' => 3];
        $this->ask('post', 'codes', $code)->assertForbidden();
        $made = $this->ask('post', 'codes', $code, '--decide')->assertOk();
        self::assertDescribed($made, 'post', '/codes');
        $made->assertJson(['code' => 'BEANS10', 'runs' => true, 'uses' => 0]);
        $id = (int) $made->json('id');
        $ended = $this->ask('put', 'codes/'.$id, ['ends' => '2026-11-30T10:00'] + $code, '--decide')->assertOk();
        self::assertDescribed($ended, 'put', '/codes/{code}');
        $ended->assertJson(['runs' => false]);
        self::assertDescribed($this->ask('put', 'codes/'.$id, ['off' => []], '--decide')->assertUnprocessable(), 'put', '/codes/{code}');
        self::assertDescribed($this->ask('get', 'codes')->assertOk()->assertJsonCount(1, 'data'), 'get', '/codes');
    }

    /** @return array<string, mixed> */
    private function asked(): array
    {
        return ['lines' => [['variant' => $this->variant, 'quantity' => 2]], 'to' => ['country' => 'GB', 'postcode' => 'AL4 7QT']];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function ask(string $method, string $path, array $typed = [], string $may = ''): TestResponse
    {
        $with = ['handle' => $this->stall->handle] + ($may === '' ? [] : [$may => true]);
        self::assertSame(0, Artisan::call('stall:token', $with));
        $this->app['auth']->forgetGuards();

        return $this->withToken(trim(Artisan::output()))
            ->json($method, 'http://'.config('stall.workshop_host').'/api/v1/'.$path, $typed);
    }
}
