<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Counter\OrderFigures;
use WindowStall\Pricing\Jobs\TurnTaxes;
use WindowStall\Pricing\PriceListings;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** Goods are taxed by what they are, where they go and when; prices, basket and order say the same. */
final class TaxesTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    private Shopper $shopper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-07 09:00');
        $this->stall = $this->world->stall($this->signIn());
        $this->world->market($this->stall, 'IE', 410, ['tax_bp' => 2_300]);
        $this->world->market($this->stall, 'US', 900, ['tax_bp' => 0, 'tax_on_top' => true]);
        $this->listing = $this->world->inWindow($this->stall);
        DB::table('listings')->where('id', $this->listing->id)->update(['own_type' => 'Seed packets']);
        foreach (['IE', 'US'] as $country) {
            $this->postJson(route('delivery.places.store', $this->stall), [
                'covers' => [['country' => $country]],
                'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.00']]],
            ])->assertOk();
        }
        app(PriceListings::class)($this->stall->refresh());
        $this->shopper = new Shopper($this, $this->stall);
    }

    public function test_goods_at_the_reduced_rate_keep_more_and_bear_less_wherever_it_is_said(): void
    {
        $before = $this->kept();
        $this->rate(['country' => 'GB', 'class' => 'reduced', 'rate' => '0.05'])->assertOk();
        self::assertSame($before, $this->kept(), 'no goods are of that class yet');
        $done = $this->goods('Seed packets', 'reduced')->assertOk()->assertJsonPath('classes.0.name', 'Seed packets');
        $price = $this->listing->variants()->firstOrFail()->prices()->where('market', 'GB')->firstOrFail();
        self::assertGreaterThan($before, $price->keep_minor);
        self::assertSame($price->keep_minor, $this->kept(), 'the list and the listing say the same');

        $this->shopper->put($this->listing->variants()->firstOrFail());
        // (15.95 + 2.95) ÷ 21 = 0.90: its delivery in proportion bears the same rate.
        $this->shopper->send('get', '/basket')->assertSee('of which VAT, 5%')->assertSee('£0.90');
        $this->putJson(route('taxes.market', [$this->stall, 'GB']), ['delivery' => 'standard', 'rounding' => 'order'])->assertOk();
        // 15.95 ÷ 21 = 0.76 and 2.95 ÷ 6 = 0.49
        $this->shopper->send('get', '/checkout')->assertSeeInOrder(['VAT, 20%', '£0.49', 'VAT, 5%', '£0.76']);
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame(125, $order->tax_minor);
        self::assertEquals([['rate' => 200_000, 'asked' => 295, 'tax' => 49], ['rate' => 50_000, 'asked' => 1_595, 'tax' => 76]], $order->taxes);
        self::assertSame(125, OrderFigures::till($order->load('supplierOrders'))->tax->minor, 'profit reckons with what was charged');
        $this->shopper->send('get', '/orders/'.$order->token)->assertSeeInOrder(['of which VAT, 20%', '£0.49', 'of which VAT, 5%', '£0.76']);
        $this->get(route('counter.order', [$this->stall, $order]))->assertSee('5% on');

        $this->goods('Seed packets', 'zero')->assertOk();
        $this->shopper->send('get', '/basket')->assertSee('VAT, 0%');
        self::assertSame(125, $order->refresh()->tax_minor, 'what was placed stays');
        $this->post(route('pricing.undo', [$this->stall, $done->json('change')]))->assertRedirect()->assertSessionHasErrors();
    }

    public function test_each_change_is_a_step_back(): void
    {
        $before = $this->kept();
        $this->rate(['country' => 'GB', 'class' => 'reduced', 'rate' => '0.05'])->assertOk();
        $step = $this->goods('seed PACKETS', 'reduced')->assertOk()->json('change');
        self::assertGreaterThan($before, $this->kept());
        $this->postJson(route('pricing.undo', [$this->stall, $step]))->assertSuccessful();
        self::assertSame($before, $this->kept());
        self::assertSame([0, 1], [DB::table('tax_classes')->count(), DB::table('tax_rates')->count()]);
    }

    public function test_a_rate_changes_on_its_day_without_touching_orders(): void
    {
        $this->rate(['country' => 'GB', 'class' => 'standard', 'rate' => '0.25', 'from' => '2026-12-09'])
            ->assertOk()
            ->assertJsonPath('markets.0.rates.0.from', 'from 9 December 2026 on')
            ->assertJsonPath('markets.0.standard', '20% inside the price');
        $kept = $this->kept();
        $this->shopper->put($this->listing->variants()->firstOrFail());
        $this->shopper->checkOut()->assertRedirect();
        $order = $this->shopper->order();
        TurnTaxes::dispatchSync();
        self::assertSame([2_000, 315, 2_000], [$order->tax_bp, $order->tax_minor, $this->stall->refresh()->vat_bp]);

        $this->travelTo('2026-12-09 00:30');
        // 18.90 ÷ 5, by the day itself
        $this->shopper->send('get', '/basket')->assertSee('VAT, 25%')->assertSee('£3.78');
        TurnTaxes::dispatchSync();
        self::assertSame([2_500, 0], [$this->stall->refresh()->vat_bp, DB::table('tax_rates')->count()], 'it is the cost sheet’s own now');
        self::assertLessThan($kept, $this->kept());
        self::assertSame(315, $order->refresh()->tax_minor);
    }

    public function test_a_country_with_parts_is_taken_over_and_the_nearest_counts_at_the_till(): void
    {
        $this->postJson(route('taxes.begin', [$this->stall, 'US']))->assertOk();
        $this->postJson(route('taxes.begin', [$this->stall, 'US']))->assertUnprocessable()->assertSee('already');
        $this->shopper->put($this->listing->variants()->firstOrFail());
        $taxed = fn (string $part, string $postcode): string => (string) preg_replace(
            '~.*with VAT, ([\d.]+%)</dt>\s*<dd>(.*?)</dd>.*~s',
            '$1 $2',
            (string) $this->shopper->send('post', '/checkout', [
                'country' => 'US', 'part' => $part, 'postcode' => $postcode, 'look' => '1',
            ])->assertOk()->getContent(),
        );
        // 15.95 + 5.00 on top
        self::assertSame('7.25% £1.52', $taxed('US-CA', '95814'));
        self::assertSame('9.75% £2.04', $taxed('US-CA', '90017'));
        self::assertSame('8.875% £1.86', $taxed('US-NY', '11215'));
        self::assertSame('0% £0.00', $taxed('US-OR', '97201'));
    }

    public function test_a_registered_business_abroad_buys_without_tax_and_the_document_says_why(): void
    {
        $this->putJson(route('taxes.market', [$this->stall, 'IE']), ['delivery' => 'shared', 'rounding' => 'order', 'reverse' => true])->assertOk();
        $there = ['country' => 'IE', 'postcode' => 'D02 AF30', 'company' => 'Barrow & Sons', 'total' => 1_704];
        $this->shopper->put($this->listing->variants()->firstOrFail());
        $this->shopper->send('get', '/checkout')->assertDontSee('I buy for a business');
        $this->shopper->send('post', '/checkout', ['country' => 'IE', 'look' => '1'])->assertSee('I buy for a business');
        $this->shopper->checkOut(['tax_number' => 'DE123'] + $there)->assertUnprocessable()->assertSee('That is no VAT number of Ireland.');
        $this->shopper->checkOut(['tax_number' => 'IE1234567FA', 'company' => ''] + $there)->assertUnprocessable()->assertSee('Which business');
        // 15.95 ÷ 1.23 = 12.97 and 5.00 ÷ 1.23 = 4.07
        $this->shopper->checkOut(['tax_number' => ' ie-1234567 fa'] + $there)->assertRedirect();
        $order = $this->shopper->order();
        self::assertSame(
            [1_297, 407, 1_704, 0, true, 'IE1234567FA'],
            [$order->goods_minor, $order->delivery_minor, $order->total_minor, $order->tax_minor, $order->reverse_charge, $order->tax_number],
        );
        self::assertSame(1_704, OrderFigures::till($order->load('supplierOrders'))->receipts->minor);
        $this->shopper->send('get', '/orders/'.$order->token)->assertSee('Reverse charge: no VAT is charged.')->assertSee('Barrow &amp; Sons', escape: false);
        $this->get(route('counter.order', [$this->stall, $order]))->assertSee('Reverse charge');
        // At home the number changes nothing.
        $this->shopper->checkOut(['country' => 'GB', 'tax_number' => 'GB123456789', 'company' => 'X', 'total' => 1_890])->assertRedirect();
        self::assertFalse($this->shopper->order()->reverse_charge);
    }

    public function test_sales_of_the_year_stand_beside_the_threshold(): void
    {
        $this->world->supplierSays(50);
        $market = ['delivery' => 'shared', 'rounding' => 'order', 'threshold' => '17.00'];
        $this->putJson(route('taxes.market', [$this->stall, 'IE']), $market)
            ->assertOk()
            ->assertJsonPath('markets.1.soFar', '£0.00 of £17.00 sold there this year')
            ->assertJsonPath('markets.1.over', false);
        $this->shopper->put($this->listing->variants()->firstOrFail());
        $this->shopper->checkOut(['country' => 'IE', 'postcode' => 'D02 AF30', 'total' => 2_095])->assertRedirect();
        $this->shopper->pay($this->shopper->order());
        // 20.95 less 3.92 of tax
        $this->getJson(route('taxes.now', $this->stall))
            ->assertJsonPath('markets.1.soFar', '£17.03 of £17.00 sold there this year')
            ->assertJsonPath('markets.1.over', true);
    }

    /** @param  array<string, mixed>  $said */
    #[TestWith([['country' => 'XX'], 'country'])]
    #[TestWith([['class' => 'exempt'], 'class'])]
    #[TestWith([['class' => 'x'], 'class'])]
    #[TestWith([['rate' => '20'], 'rate'])]
    #[TestWith([['rate' => 0.2], 'rate'])]
    #[TestWith([['postcodes' => '???'], 'postcodes'])]
    #[TestWith([['parts' => ['US-CA']], 'parts'])]
    #[TestWith([['parts' => 'US-CA'], 'parts'])]
    #[TestWith([['from' => '2026-02-30'], 'from'])]
    #[TestWith([['source' => ['x']], 'source'])]
    public function test_a_rate_that_cant_be_read_is_refused(array $said, string $field): void
    {
        $this->rate($said + ['country' => 'GB', 'class' => 'reduced', 'rate' => '0.05'])->assertUnprocessable()->assertJsonValidationErrors($field);
        self::assertSame(0, DB::table('tax_rates')->count());
    }

    public function test_goods_and_markets_that_cant_be_read_are_refused(): void
    {
        $this->goods('', 'reduced')->assertUnprocessable();
        $this->putJson(route('taxes.goods', $this->stall), ['by' => 'listing', 'value' => '999999999', 'class' => 'zero'])->assertUnprocessable();
        $this->putJson(route('taxes.goods', $this->stall), ['by' => 'listing', 'value' => (string) $this->listing->id, 'class' => 'zero'])->assertOk();
        $this->putJson(route('taxes.market', [$this->stall, 'FR']), ['delivery' => 'shared', 'rounding' => 'order'])->assertNotFound();
        $this->putJson(route('taxes.market', [$this->stall, 'IE']), ['delivery' => 'x', 'rounding' => 'order'])->assertUnprocessable();
        $this->postJson(route('taxes.begin', [$this->stall, 'JP']))->assertUnprocessable()->assertSee('Nothing more is known');
    }

    private function kept(): int
    {
        $stall = Stall::query()->with(['rates', 'recipes', 'marketRows'])->findOrFail($this->stall->id);
        $figures = ListingFigures::of($stall, Listing::query()->with(Listing::FOR_FIGURES)->findOrFail($this->listing->id));

        return $figures->variants[0]->till->keep->minor ?? 0;
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<Response>
     */
    private function rate(array $said): TestResponse
    {
        return $this->postJson(route('taxes.store', $this->stall), $said);
    }

    /** @return TestResponse<Response> */
    private function goods(string $type, string $class): TestResponse
    {
        return $this->putJson(route('taxes.goods', $this->stall), ['by' => 'type', 'value' => $type, 'class' => $class]);
    }
}
