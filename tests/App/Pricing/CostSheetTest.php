<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Pricing\Jobs\RepriceStall;
use WindowStall\Pricing\PriceListings;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** The terms of markets, free delivery, and pricing everything again. */
final class CostSheetTest extends AppTestCase
{
    private Stall $stall;

    private int $variant;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->world->market($this->stall, 'IE', 410);
        $listing = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('a'), Items::variant('b', 900, 3, 'CPR-02')]),
        );
        $this->variant = (int) $listing->variants()->orderBy('id')->value('id');
    }

    public function test_a_market_is_told_how_its_prices_are_made(): void
    {
        // 15.95 at home; nothing is said of Ireland yet, so its prices are the same in pounds.
        self::assertSame(['GBP', 1595, PricedBy::Conversion], $this->abroad());
        $this->terms(['currency' => 'EUR', 'ending' => '0.95'])
            ->assertOk()
            ->assertJsonPath('words', 'The cost sheet changed');
        // 15.95 ÷ 0.85869565 = 18.57 → 18.95
        self::assertSame(['EUR', 1895, PricedBy::Conversion], $this->abroad());
        $sheet = $this->terms([
            'currency' => 'EUR',
            'ending' => '0.95',
            'prices' => 'own',
            'tax' => '23',
            'duty' => '4.5',
            'dutyOn' => 'goods',
            'charged' => '6.90',
        ])->assertOk();
        $price = $this->price('IE');
        // Duty of 4.5% on 4.35; 4.10 USD are 3.30; (4.35 + 3.30 + 0.20) × 2.4 = 18.84 → 18.95 GBP = 22.07 EUR → 22.95
        self::assertSame(
            [20, 330, 785, 2295, PricedBy::Recipe],
            [$price->duty_minor, $price->delivery_minor, $price->landed_minor, $price->shown_minor, $price->priced_by],
        );
        $market = array_values(
            array_filter($sheet->json('sheet.markets'), static fn (array $m): bool => $m['market'] === 'IE'),
        )[0];
        self::assertSame(
            ['own', 'EUR', '0.95', '4.5', 'goods', '23', false, '6.90'],
            [
                $market['prices'],
                $market['currency'],
                $market['ending'],
                $market['duty'],
                $market['dutyOn'],
                $market['tax'],
                $market['taxOnTop'],
                $market['charged'],
            ],
        );
        $keep = $price->keep_minor;
        $this->terms([
            'currency' => 'EUR',
            'prices' => 'own',
            'tax' => '23',
            'taxOnTop' => true,
            'duty' => '4.5',
            'dutyOn' => 'goods',
            'charged' => '6.90',
        ])->assertOk();
        self::assertGreaterThan($keep, $this->price('IE')->keep_minor, 'a tax on top is paid by the shopper');
        $this->postJson(route('pricing.undo', [$this->stall, $sheet->json('change')]))->assertUnprocessable();
    }

    /** @param  array<string, string>  $terms */
    #[TestWith([['currency' => 'XAU'], 'terms.currency'])]
    #[TestWith([['ending' => '1.95'], 'terms.ending'])]
    #[TestWith([['tax' => 'a fifth'], 'terms.tax'])]
    #[TestWith([['duty' => '-3'], 'terms.duty'])]
    #[TestWith([['charged' => 'nothing'], 'terms.charged'])]
    #[TestWith([['prices' => 'guessed'], 'terms.prices'])]
    #[TestWith([['dutyOn' => 'weight'], 'terms.dutyOn'])]
    public function test_terms_that_make_no_sense_are_refused_at_their_field(array $terms, string $field): void
    {
        $said = $this->terms($terms)->assertUnprocessable()->assertJsonValidationErrors($field);
        self::assertMatchesRegularExpression('/^.+ .+\.$/u', (string) $said->json('message'));
        self::assertSame(['GBP', 1595, PricedBy::Conversion], $this->abroad());
    }

    public function test_a_market_that_isnt_the_stalls_has_no_terms(): void
    {
        $this->patchJson(route('pricing.costs.update', $this->stall), [
            'market' => 'SE',
            'terms' => ['duty' => '3'],
        ])->assertUnprocessable();
        self::assertFalse(DB::table('markets')->where('stall_id', $this->stall->id)->where('market', 'SE')->exists());
    }

    public function test_a_country_that_was_looked_at_isnt_sold_to_until_somebody_says_so(): void
    {
        Queue::fake();
        $this->post(route('source.market', $this->stall), ['market' => 'SE']);
        self::assertContains('SE', $this->stall->markets(), 'its costs are kept');
        $this->get(route('pricing.costs', $this->stall))->assertInertia(
            fn ($page) => $page->where('sheet.markets', fn ($m): bool => ! $m->pluck('market')->contains('SE')),
        );

        $sold = $this->postJson(route('pricing.costs.market', $this->stall), ['market' => 'SE', 'sold' => true]);
        self::assertContains('SE', array_column($sold->assertOk()->json('sheet.markets'), 'market'));
        $prices = fn (): int => DB::table('prices')->where('market', 'SE')->where('stall_id', $this->stall->id)->count();
        self::assertGreaterThan(0, $prices());
        $this->postJson(route('pricing.undo', [$this->stall, $sold->json('change')]))->assertOk();
        self::assertNotContains('SE', $this->stall->refresh()->soldTo(), 'it can be taken back');

        $this->postJson(route('pricing.costs.market', $this->stall), ['market' => 'GB', 'sold' => false])
            ->assertUnprocessable();
        $this->postJson(route('pricing.costs.market', $this->stall), ['market' => 'XX', 'sold' => true])
            ->assertUnprocessable();
    }

    public function test_delivery_is_free_over_a_basket_value_or_carried_by_the_price(): void
    {
        $proposed = $this->getJson(route('pricing.free-delivery', $this->stall))->assertOk();
        self::assertCount(3, $proposed->json('figures'));
        $over = (string) $proposed->json('over.digits');
        self::assertGreaterThan(0, (float) $over);
        $this->say(['free_over' => $over])->assertOk();
        self::assertSame((int) round(100 * (float) $over), $this->stall->refresh()->free_over_minor);
        $this->say(['free_over' => 'always'])->assertUnprocessable();
        $this->say(['free_over' => ''])->assertOk();
        self::assertNull($this->stall->refresh()->free_over_minor);

        $before = $this->price();
        $built = $this->say(['build_in' => true])->assertOk();
        $after = $this->price();
        self::assertSame([0, 295], [$this->stall->refresh()->flat_delivery_minor, $this->stall->built_in_minor]);
        // 15.03 and 2.95 less the fee on as much: 17.98 → 18.95
        self::assertSame(1895, $after->price_minor);
        self::assertGreaterThanOrEqual($before->keep_minor, $after->keep_minor, 'what it keeps isn’t less for it');
        $this->getJson(route('pricing.free-delivery', $this->stall))
            ->assertJsonPath('carried.digits', '2.95')
            ->assertJsonPath('figures.0', 'Delivery is free already.');
        $this->say(['build_in' => true])->assertOk();
        self::assertSame(295, $this->stall->refresh()->built_in_minor, 'twice is once');
        $this->say(['build_in' => false])->assertOk();
        self::assertSame(
            [295, null, 1595],
            [$this->stall->refresh()->flat_delivery_minor, $this->stall->built_in_minor, $this->price()->price_minor],
        );
        $this->postJson(route('pricing.undo', [$this->stall, $built->json('change')]))->assertUnprocessable();
    }

    public function test_with_nothing_priced_there_is_nothing_to_propose(): void
    {
        $said = $this->getJson(route('pricing.free-delivery', $this->world->stall()))
            ->assertOk()
            ->assertJsonPath('over', null)
            ->assertJsonPath('builtIn', []);
        self::assertSame(
            ['A basket value is proposed here once something on the bench has a price.'],
            $said->json('figures'),
        );
    }

    public function test_the_sample_the_tax_and_the_cushion_are_said_in_one_place(): void
    {
        $other = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('q', 1000)], 'Brass mister', id: 'T-2'),
        );
        $this->say(['sample' => $other->id])
            ->assertOk()
            ->assertJsonPath('change', null)
            ->assertJsonPath('sheet.sale.about', 'Brass mister, STL-01');
        $before = $this->price();
        $this->say(['cushion' => '10'])->assertOk();
        self::assertSame(1000, $this->stall->rates()->where('from', 'USD')->value('cushion_bp'));
        self::assertGreaterThan($before->landed_minor, $this->price()->landed_minor);
        $this->say(['tax_on_top' => true])->assertOk();
        self::assertTrue($this->stall->refresh()->tax_on_top);
        $this->say(['cushion' => 'soft'])->assertUnprocessable();
        $this->say(['fields' => ['vat' => '20', 'unknown' => '3']])->assertOk();
    }

    public function test_a_large_stall_is_priced_again_by_a_run_that_counts_and_stops(): void
    {
        $run = Run::of($this->stall)
            ->create(['kind' => RunKind::Price, 'subject' => [], 'state' => RunState::Waiting, 'counts' => []]);
        $this->stall->update(['handling_minor' => 100]);
        (new RepriceStall($run->id))->handle(app(PriceListings::class));
        $run->refresh();
        self::assertSame(
            [RunState::Done, 4, 4, 4],
            [$run->state, $run->total, $run->done, $run->counts['changed'] ?? null],
            'two variants in two markets',
        );
        (new RepriceStall($run->id))->handle(app(PriceListings::class));
        self::assertSame([RunState::Done, 4], [$run->refresh()->state, $run->done], 'a run is done once');

        $stopped = Run::of($this->stall)
            ->create(['kind' => RunKind::Price, 'subject' => [], 'state' => RunState::Cancelled, 'counts' => []]);
        (new RepriceStall($stopped->id))->handle(app(PriceListings::class));
        self::assertSame([RunState::Cancelled, 0], [$stopped->refresh()->state, $stopped->done]);
        (new RepriceStall(PHP_INT_MAX))->handle(app(PriceListings::class));
    }

    public function test_where_there_is_much_a_change_is_a_run_and_one_that_waits_serves_the_next(): void
    {
        $listing = Listing::of($this->stall)->firstOrFail();
        DB::statement(<<<'SQL'
            INSERT INTO supplier_variants (
                supplier_item_id, external_id, sku, label, position, cost_minor, stock, grams
            )
            SELECT supplier_item_id, 'x' || n, 'X-' || n, '', n, cost_minor, stock, grams
            FROM supplier_variants, generate_series(1, 4001) AS n
            WHERE id = (SELECT supplier_variant_id FROM listing_variants WHERE id = ?)
            SQL, [$this->variant]);
        DB::statement(<<<'SQL'
            INSERT INTO listing_variants (listing_id, supplier_variant_id, external_id, position)
            SELECT ?, id, external_id, position
            FROM supplier_variants
            WHERE sku LIKE 'X-%'
            SQL, [$listing->id]);
        self::assertGreaterThan(4_000, ListingVariant::query()->where('listing_id', $listing->id)->count());
        Queue::fake();
        $first = $this->say(['fields' => ['returns' => '5']])
            ->assertOk()
            ->json('run');
        $second = $this->say(['fields' => ['returns' => '6']])
            ->assertOk()
            ->json('run');
        self::assertSame([$first, 1], [$second, Run::of($this->stall)->where('kind', RunKind::Price)->count()]);
        Queue::assertPushed(RepriceStall::class);
        $this->get(route('pricing', $this->stall))
            ->assertOk()
            ->assertInertia(fn ($page) => $page->where('run.id', $first));
        foreach (['pricing.recipes', 'pricing.costs', 'pricing.trial'] as $screen) {
            $this->get(route($screen, $this->stall))
                ->assertOk()
                ->assertInertia(fn ($page) => $page->where('run.id', $first));
        }
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function say(array $said): TestResponse
    {
        return $this->patchJson(route('pricing.costs.update', $this->stall), $said);
    }

    /**
     * @param  array<string, mixed>  $terms  of Ireland
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function terms(array $terms): TestResponse
    {
        return $this->say(['market' => 'IE', 'terms' => $terms]);
    }

    private function price(string $market = 'GB'): Price
    {
        return Price::query()->where('listing_variant_id', $this->variant)->where('market', $market)->firstOrFail();
    }

    /** @return array{string, int|null, PricedBy} */
    private function abroad(): array
    {
        $price = $this->price('IE');

        return [$price->currency, $price->shown_minor, $price->priced_by];
    }
}
