<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\MakeUp\SetSources;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Prices\Price;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Pricing\PriceListings;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** The price lists that the program makes: at home, abroad, and as costs and rates move. */
final class PriceListsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('a'), Items::variant('b', 900, 3, 'CPR-02')]),
        );
    }

    public function test_every_variant_has_a_price_with_what_it_costs_and_keeps(): void
    {
        $price = $this->price('a');
        // 5.40 and 2.37 USD at 0.79 × 1.02; 6.26 × 2.4 = 15.024 → 15.95
        self::assertSame(
            [435, 191, 0, 0, 626, 1595, 1595],
            [
                $price->goods_minor,
                $price->delivery_minor,
                $price->duty_minor,
                $price->handling_minor,
                $price->landed_minor,
                $price->price_minor,
                $price->shown_minor,
            ],
        );
        $till = Till::ring(
            $this->stall->money(1595),
            Landed::of($this->stall->money(435), $this->stall->money(191)),
            $this->stall->terms(),
        );
        self::assertSame([$till->keep->minor, $till->marginBp], [$price->keep_minor, $price->margin_bp]);
        self::assertSame(PricedBy::Recipe, $price->priced_by);
        self::assertSame(1595, $this->listing->refresh()->shown_from_minor);
    }

    public function test_the_first_recipe_that_holds_prices_it_and_own_ones_go_before(): void
    {
        $recipe = static fn (string $factor): array => [
            'basis' => 'landed',
            'steps' => [['factor' => $factor]],
            'ending' => null,
            'floor' => null,
            'cap' => null,
        ];
        $dear = $this->stall
            ->recipes()
            ->create([
                'name' => 'Dear',
                'position' => 1,
                'conditions' => ['cost_from' => '5.00'],
                'recipe' => $recipe('2'),
            ]);
        $this->reprice();
        self::assertSame(
            [1595, 2 * $this->price('b')->landed_minor, $dear->id],
            [$this->price('a')->price_minor, $this->price('b')->price_minor, $this->price('b')->recipe_id],
        );
        $this->listing->update(['own_recipe' => $recipe('3')]);
        $this->reprice();
        self::assertSame(
            [3 * 626, PricedBy::OwnRecipe],
            [$this->price('a')->price_minor, $this->price('a')->priced_by],
        );
    }

    public function test_one_price_for_all_and_one_that_steps(): void
    {
        [$a, $b] = [$this->price('a')->price_minor, $this->price('b')->price_minor];
        $this->world->say($this->listing, ListingPatch::none()->across(['across' => 'one']));
        self::assertSame(
            [$b, $b, PricedBy::Together],
            [$this->price('a')->price_minor, $this->price('b')->price_minor, $this->price('a')->priced_by],
        );
        $this->world->say($this->listing, ListingPatch::none()->across([
            'across' => 'stepped',
            'option' => 'Clr',
            'groups' => [['STL-01']],
        ]));
        self::assertSame([$a, $b], [$this->price('a')->price_minor, $this->price('b')->price_minor]);
        $this->world->say($this->listing, ListingPatch::none()->across([
            'across' => 'stepped',
            'option' => 'Clr',
            'groups' => [['STL-01', 'CPR-02']],
        ]));
        self::assertSame([$b, $b], [$this->price('a')->price_minor, $this->price('b')->price_minor]);
    }

    public function test_a_price_stays_while_the_rate_moves_within_the_tolerance_and_the_keep_tells_the_truth(): void
    {
        $before = $this->price('a');
        $this->rate('0.8050');
        $within = $this->price('a');
        self::assertSame([$before->price_minor, '0.79000000'], [$within->price_minor, $within->rate]);
        self::assertGreaterThan($before->goods_minor, $within->goods_minor, 'goods are dearer all the same');
        self::assertLessThan($before->keep_minor, $within->keep_minor);
        $this->rate('0.8400');
        self::assertSame(
            ['0.84000000', 1695],
            [$this->price('a')->rate, $this->price('a')->price_minor],
            '(5.40 + 2.37) × 0.84 × 1.02 = 6.66 × 2.4 = 15.98',
        );
    }

    public function test_another_market_has_a_list_of_its_own_by_conversion_or_by_its_costs(): void
    {
        $this->netherlands();
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('b', 900, 3, 'CPR-02')]));
        $price = $this->price('a', 'NL');
        // 15.95 GBP ÷ 0.85869565 = 18.57 → 18.95 EUR, which are 16.27 GBP
        self::assertSame(
            ['EUR', 1895, 1627, PricedBy::Conversion],
            [$price->currency, $price->shown_minor, $price->price_minor, $price->priced_by],
        );
        // Delivery 6.03 USD and 10% duty on 4.35 + 4.86
        self::assertSame([435, 486, 92], [$price->goods_minor, $price->delivery_minor, $price->duty_minor]);
        DB::table('markets')
            ->where('stall_id', $this->stall->id)
            ->where('market', 'NL')
            ->update(['prices' => 'own']);
        $this->reprice();
        // Landed 10.13 × 2.4 = 24.312 → 24.95 GBP = 29.06 EUR → 29.95
        self::assertSame(
            [2995, PricedBy::Recipe],
            [$this->price('a', 'NL')->shown_minor, $this->price('a', 'NL')->priced_by],
        );
        self::assertSame(1595, $this->price('a')->price_minor, 'at home nothing moved');
    }

    public function test_a_source_that_stands_in_is_landed_abroad_before_it_has_to_sell(): void
    {
        $this->netherlands();
        $goods = [
            Items::item([Items::variant('a'), Items::variant('b', 900, 3, 'CPR-02')]),
            Items::item([Items::variant('z', 700, 40)], 'Much the same trowel', id: 'Z-1'),
        ];
        $this->world->pull($this->stall, ...$goods);
        $second = SupplierVariant::query()->where('sku', 'SKU-z')->firstOrFail();
        $landed = static fn (): bool => DB::table('variant_landings')
            ->where('supplier_variant_id', $second->id)
            ->where('market', 'NL')
            ->exists();
        self::assertFalse($landed(), 'what nobody sells isn’t landed abroad');
        $variant = $this->listing->variants()->where('external_id', 'a')->firstOrFail();
        app(SetSources::class)($this->stall, $this->listing, $variant, [
            ['id' => $second->id, 'use' => true],
            ['id' => $variant->supplier_variant_id, 'use' => true],
        ]);
        self::assertTrue($landed());
        // 7.00 and 6.03 USD at 0.79 × 1.02, and 10% duty on both
        $price = $this->price('a', 'NL');
        self::assertSame([564, 486, 105], [$price->goods_minor, $price->delivery_minor, $price->duty_minor]);
        $this->world->pull($this->stall, ...$goods);
        self::assertTrue($landed(), 'and stays so when the supplier is pulled again');
    }

    public function test_progress_counts_every_market_and_can_stop_the_work(): void
    {
        $this->netherlands();
        $this->stall->unsetRelations();
        $said = [];
        app(PriceListings::class)(
            $this->stall,
            progress: static function (int $done) use (&$said): void {
                $said[] = $done;
            },
        );
        self::assertSame([2, 4], $said);
        $before = $this->price('a')->price_minor;
        $this->stall
            ->recipes()
            ->update([
                'recipe' => json_encode([
                    'basis' => 'landed',
                    'steps' => [['factor' => '5']],
                    'ending' => null,
                    'floor' => null,
                    'cap' => null,
                ]),
            ]);
        try {
            app(PriceListings::class)(
                $this->stall->unsetRelations(),
                progress: static fn () => throw new \RuntimeException('Stopped.'),
            );
            self::fail('It was told to stop.');
        } catch (\RuntimeException) {
            self::assertNotSame($before, $this->price('a')->price_minor, 'what is done stays done');
        }
    }

    public function test_a_stalls_prices_are_made_one_at_a_time_from_what_stands_then(): void
    {
        $stale = Stall::query()
            ->with(['rates', 'recipes', 'marketRows'])
            ->findOrFail($this->stall->id);
        $this->stall
            ->recipes()
            ->update([
                'recipe' => json_encode([
                    'basis' => 'landed',
                    'steps' => [['factor' => '5']],
                    'ending' => null,
                    'floor' => null,
                    'cap' => null,
                ]),
            ]);
        config(['database.connections.other' => config('database.connections.'.DB::getDefaultConnection())]);
        $free = static fn (int $stall): bool => (bool) DB::connection('other')->selectOne(
            'SELECT pg_try_advisory_xact_lock(?, ?) AS free',
            [PriceListings::TURN, $stall],
        )->free;
        self::assertSame(
            [false, true],
            [$free($this->stall->id), $free(PHP_INT_MAX >> 32)],
            'whoever prices has the turn until all of it is written',
        );
        DB::connection('other')->disconnect();
        app(PriceListings::class)($stale);
        self::assertSame(
            [5 * 626, 5 * 626],
            [$this->price('a')->price_minor, $this->listing->refresh()->shown_from_minor],
            'the recipe that stands now, whatever was known before',
        );
    }

    public function test_what_was_asked_is_written_down_while_it_is_in_the_window(): void
    {
        self::assertSame(0, DB::table('price_history')->count());
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        $variant = $this->listing->variants()->where('external_id', 'a')->firstOrFail();
        $history = static fn (): array => DB::table('price_history')
            ->where('listing_variant_id', $variant->id)
            ->orderBy('id')
            ->pluck('price_minor')
            ->all();
        self::assertSame([1595], $history());
        $this->world->say($this->listing, ListingPatch::none()->price([$variant->id], $this->stall->money(1450)));
        $this->world->say($this->listing, ListingPatch::none()->price([$variant->id], $this->stall->money(1450)));
        self::assertSame([1595, 1450], $history());
    }

    public function test_a_cost_that_jumps_under_a_price_by_hand_takes_it_off_sale_until_it_is_said(): void
    {
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        $variant = $this->listing->variants()->where('external_id', 'a')->firstOrFail();
        $this->world->say($this->listing, ListingPatch::none()->price([$variant->id], $this->stall->money(1250)));
        $buyable = fn (): bool => \WindowStall\Bench\ListingFigures::of(
            $this->stall,
            Listing::query()->findOrFail($this->listing->id),
        )->variants[0]->buyable();
        self::assertTrue($buyable());
        $this->world->pull(
            $this->stall,
            Items::item([Items::variant('a', 1400), Items::variant('b', 900, 3, 'CPR-02')]),
        );
        self::assertTrue($this->price('a')->underFloor());
        self::assertFalse($buyable(), 'nothing is sold under the floor unawares');
        $this->world->say($this->listing, ListingPatch::none()->underFloor([$variant->id], true));
        self::assertTrue($buyable());
    }

    /** The Netherlands as a market of its own: in EUR, following home, with a duty of 10% and delivery of 6.03 USD. */
    private function netherlands(): void
    {
        $this->world->market($this->stall, 'NL', 603, [
            'currency' => 'EUR',
            'prices' => 'conversion',
            'ending' => '{"part": "0.95", "direction": "up"}',
            'tax_bp' => 2100,
            'duty_bp' => 1000,
        ]);
    }

    private function reprice(): void
    {
        app(PriceListings::class)($this->stall->unsetRelations());
    }

    private function rate(string $rate): void
    {
        $this->stall
            ->rates()
            ->where('from', 'USD')
            ->update(['rate' => $rate]);
        $this->reprice();
    }

    private function price(string $variant, string $market = 'GB'): Price
    {
        return Price::query()
            ->where('market', $market)
            ->whereIn('listing_variant_id', $this->listing->variants()->where('external_id', $variant)->select('id'))
            ->firstOrFail();
    }
}
