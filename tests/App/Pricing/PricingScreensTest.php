<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\PutInWindow;
use WindowStall\Pricing\PricingChange;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** The price board, recipes, the cost sheet and trials, as the screens use them. */
final class PricingScreensTest extends AppTestCase
{
    private Stall $stall;

    private Listing $listing;

    /** @var list<int> */
    private array $ids;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('a'), Items::variant('b', 900, 3, 'CPR-02')]),
        );
        $this->ids = array_values($this->listing->variants()->get()->map(static fn ($v): int => $v->id)->all());
    }

    public function test_the_board_filters_sorts_counts_and_finds(): void
    {
        $this->world->say(
            $this->listing,
            ListingPatch::none()->price([$this->listing->variants()->findOrFail($this->ids[1])->id], $this->stall->money(900)),
        );
        $ask = fn (array $query) => $this->get(route('pricing', [$this->stall, ...$query]))->assertOk();
        $rows = static fn ($response): array => array_column($response->inertiaProps('board')['rows'], 'id');
        self::assertSame($this->ids, $rows($ask([])));
        self::assertSame([$this->ids[1]], $rows($ask(['case' => 'under'])));
        self::assertSame([$this->ids[1]], $rows($ask(['case' => 'hand'])));
        self::assertSame([$this->ids[1], $this->ids[0]], $rows($ask(['sort' => 'margin'])));
        self::assertSame($this->ids, $rows($ask(['sort' => '-margin'])));
        self::assertSame([$this->ids[0]], $rows($ask(['q' => 'sku-a'])));
        self::assertSame([], $rows($ask(['q' => '100%'])));
        $ask([])->assertInertia(
            fn ($page) => $page
                ->where('board.counts.all', 2)
                ->where('board.counts.under', 1)
                ->where('board.rows.1.underFloor', true)
                ->where('board.rows.1.recipe', 'by hand'),
        );
        DB::table('prices')
            ->where('listing_variant_id', $this->ids[0])
            ->update(['since' => now()->subDays(91)]);
        self::assertSame([$this->ids[0]], $rows($ask(['case' => 'still'])));
    }

    public function test_prices_are_set_by_hand_one_or_many_and_taken_back(): void
    {
        $this->set([$this->ids[0]], ['do' => 'price', 'value' => '18.50'])
            ->assertJsonPath('rows.0.price.text', '£18.50')
            ->assertJsonPath('words', 'One price set to 18.50');
        $change = $this->set($this->ids, ['do' => 'factor', 'value' => '1.1', 'ending' => '0.95'])
            ->assertJsonPath('rows.0.price.digits', '20.95')
            ->json('change');
        $this->postJson(route('bench.undo', [$this->stall, $change]))->assertOk();
        self::assertSame('18.50', $this->board()[0]['price']['digits']);
        $this->set($this->ids, ['do' => 'margin', 'value' => '40'])->assertOk();
        self::assertSame(['40%', '40%'], array_column($this->board(), 'margin'));
        $this->set($this->ids, ['do' => 'add', 'value' => '0.50'])->assertOk();
        $this->set($this->ids, ['do' => 'recipe'])->assertJsonPath('rows.0.price.digits', '15.95');
        $this->postJson(route('pricing.set', [$this->stall, 'case' => 'hand']), ['all' => true, 'do' => 'recipe'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'None of these can be priced so.');
    }

    #[TestWith(['price', 'lots'])]
    #[TestWith(['price', '-3'])]
    #[TestWith(['factor', '0'])]
    #[TestWith(['margin', '140'])]
    #[TestWith(['margin', '99'], 'no price keeps that')]
    #[TestWith(['ending', ''])]
    public function test_what_makes_no_price_is_refused_with_a_sentence(string $do, string $value): void
    {
        $message = $this->set($this->ids, ['do' => $do, 'value' => $value])
            ->assertUnprocessable()
            ->json('message');
        self::assertMatchesRegularExpression('/\S+ \S+.*\.$/', $message);
        self::assertSame(
            ['15.95', '22.95'],
            array_map(static fn (array $r): string => $r['price']['digits'], $this->board()),
        );
    }

    public function test_a_was_price_stands_above_the_price_only(): void
    {
        $this->set([$this->ids[0]], ['do' => 'was', 'value' => '15.95'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'A was-price stands above the price: £15.95 isn’t above £15.95.');
        $this->set([$this->ids[0]], ['do' => 'was', 'value' => '19.95'])->assertJsonPath('rows.0.was.digits', '19.95');
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        $this->get($this->stall->shopAddress('/goods/'.$this->listing->refresh()->slug))
            ->assertOk()
            ->assertSee('£19.95')
            ->assertDontSee('Lowest price');
    }

    public function test_where_the_law_asks_a_was_price_has_to_have_been_asked(): void
    {
        $this->stall->update(['home_market' => 'IE']);
        $this->stall->marketRows()->firstOrCreate(['market' => 'IE']);
        $this->stall->unsetRelations();
        DB::table('delivery_quotes')->insert([
            'connection_id' => $this->world->connection($this->stall)->id,
            'warehouse' => 'GB',
            'destination' => 'IE',
            'grams' => 300,
            'methods' => json_encode([['Economy', 237, 2, 4]]),
            'quoted_at' => now(),
        ]);
        $this->world->pull($this->stall, Items::item([Items::variant('a'), Items::variant('b', 900, 3, 'CPR-02')]));
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        DB::table('price_history')->update(['asked_at' => now()->subDays(3)]);
        $this->set([$this->ids[0]], ['do' => 'price', 'value' => '12.95'])->assertOk();
        $this->set([$this->ids[0]], ['do' => 'was', 'value' => '24.95'])->assertUnprocessable();
        $this->set([$this->ids[0]], ['do' => 'was', 'value' => '15.95'])->assertOk();
        $this->get($this->stall->shopAddress('/goods/'.$this->listing->refresh()->slug))->assertSee(
            'Lowest price of the last 30 days: £15.95',
        );
        // A shelf of what was dearer asks what the page asks.
        $shown = fn (): bool => (bool) DB::table('goods_facts')->where('listing_id', $this->listing->id)->value('was');
        self::assertTrue($shown());
        DB::table('listing_variants')->where('id', $this->ids[0])->update(['own_was_minor' => 2495]);
        event(new ListingsChanged($this->stall, [$this->listing->id]));
        self::assertFalse($shown());
    }

    public function test_a_variant_from_the_side_of_its_price(): void
    {
        $sheet = $this->getJson(route('pricing.variant', [$this->stall, $this->ids[0]]))->assertOk();
        self::assertSame(
            ['Landed cost 6.26 × 2.4 makes 15.03.', 'Ends .95: 15.95.', 'The floor of 10% of the receipts is kept.'],
            $sheet->json('reasons'),
        );
        self::assertCount(5, $sheet->json('sales'));
        self::assertSame(['break_even', 'floor', 'price'], array_column($sheet->json('marks'), 'kind'));
        $mark = $sheet->json('marks.2.price');
        self::assertSame(
            [$sheet->json('sales.0.keep.text')],
            array_values(
                array_unique(
                    array_map(
                        static fn (array $p): string => $p['keepText'],
                        array_filter($sheet->json('points'), static fn (array $p): bool => $p['price'] === $mark),
                    ),
                ),
            ),
        );
        $this->getJson(route('pricing.variant', [$this->world->stall(), $this->ids[0]]))->assertNotFound();
    }

    public function test_the_reasons_end_at_the_price_that_stands(): void
    {
        $reasons = fn (): array => $this->getJson(route('pricing.variant', [$this->stall, $this->ids[0]]))
            ->assertOk()
            ->json('reasons');
        $this->patchJson(route('pricing.costs.update', $this->stall), ['rates' => ['USD' => '0.804']])->assertOk();
        // At 0.804 its landed cost is 6.38 and would make 15.31; at another ending the price would move, and it
        // doesn't.
        self::assertSame('15.95', $this->board()[0]['price']['digits']);
        self::assertSame(
            [
                'Landed cost 6.26 × 2.4 makes 15.03.',
                'Ends .95: 15.95.',
                'The floor of 10% of the receipts is kept.',
                'It stands on the rate it was made at, 0.79 for one USD; today’s 0.804 is within the 2% that prices '.
                    'stay for.',
            ],
            $reasons(),
        );
        $this->patchJson(route('pricing.costs.update', $this->stall), ['rates' => ['USD' => '0.95']])->assertOk();
        self::assertSame('Ends .95: '.$this->board()[0]['price']['digits'].'.', $reasons()[1]);
        self::assertCount(3, $reasons());
        $this->world->say($this->listing, ListingPatch::none()->across(['across' => 'one']));
        self::assertSame(
            'Its listing’s variants go together: the dearest of them makes it '.
                $this->board()[0]['price']['digits'].
                '.',
            $reasons()[3],
        );
    }

    public function test_a_variant_may_have_a_recipe_of_its_own(): void
    {
        $form = $this->getJson(route('pricing.variant', [$this->stall, $this->ids[0]]))->json('recipe');
        $this->set(
            [$this->ids[0]],
            ['do' => 'own', 'recipe' => ['steps' => [['upTo' => '', 'method' => 'factor', 'value' => '4']]] + $form],
        )
            ->assertOk()
            ->assertJsonPath('rows.0.price.digits', '25.95')
            ->assertJsonPath('rows.0.recipe', 'its own recipe')
            ->assertJsonPath('rows.1.price.digits', '22.95');
        $this->getJson(route('pricing.variant', [$this->stall, $this->ids[0]]))
            ->assertJsonPath('ownRecipe', true)
            ->assertJsonPath('reasons.0', 'Landed cost 6.26 × 4 makes 25.04.');
        $this->set(
            [$this->ids[0]],
            ['do' => 'own', 'recipe' => ['steps' => [['method' => 'factor', 'value' => 'x']]] + $form],
        )->assertUnprocessable();
        $this->set([$this->ids[0]], ['do' => 'own', 'recipe' => null])->assertJsonPath('rows.0.price.digits', '15.95');
    }

    public function test_recipes_are_added_edited_ordered_and_taken_back(): void
    {
        $added = $this->postJson(route('pricing.recipes.store', $this->stall))->assertOk();
        [$new, $last] = array_column($added->json('recipes'), 'id');
        $form = $added->json('recipes.0.recipe');
        $this->patchJson(route('pricing.recipes.update', [$this->stall, $new]), [
            'name' => 'Copper things',
            'conditions' => ['cost_from' => '7.00'],
            'recipe' => ['steps' => [['upTo' => '', 'method' => 'margin', 'value' => '45']], 'ending' => '0'] + $form,
        ])
            ->assertOk()
            ->assertJsonPath('recipes.0.variants', 1)
            ->assertJsonPath('recipes.0.when', 'costing from 7.00')
            ->assertJsonPath('recipes.0.recipe.words', 'landed for a margin of 45%, ends .00, floor 10%');
        self::assertStringEndsWith('.00', $this->board()[1]['price']['digits']);
        $this->patchJson(route('pricing.recipes.update', [$this->stall, $new]), [
            'recipe' => ['steps' => [['upTo' => '', 'method' => 'factor', 'value' => '']]] + $form,
        ])->assertUnprocessable();
        $this->deleteJson(route('pricing.recipes.destroy', [$this->stall, $last]))->assertUnprocessable();
        $gone = $this->deleteJson(route('pricing.recipes.destroy', [$this->stall, $new]))
            ->assertJsonPath('words', '“Copper things” taken away')
            ->json('change');
        self::assertSame('22.95', $this->board()[1]['price']['digits']);
        $this->postJson(route('pricing.undo', [$this->stall, $gone]))
            ->assertOk()
            ->assertJsonPath('recipes.0.name', 'Copper things');
        $this->postJson(route('pricing.undo', [$this->stall, $gone]))
            ->assertUnprocessable()
            ->assertJsonPath('message', 'That was taken back already.');
        self::assertStringEndsWith('.00', $this->board()[1]['price']['digits']);
    }

    public function test_precedence_is_the_order_on_the_page(): void
    {
        $one = $this->postJson(route('pricing.recipes.store', $this->stall))->json('recipes.0.id');
        $two = $this->postJson(route('pricing.recipes.store', $this->stall))->json('recipes.0.id');
        self::assertSame(
            [$two, $one],
            array_slice(
                array_column(
                    $this->postJson(route('pricing.recipes.order', $this->stall), ['recipes' => [$two, $one]])->json(
                        'recipes',
                    ),
                    'id',
                ),
                0,
                2,
            ),
        );
        self::assertSame(
            [$one, $two],
            array_slice(
                array_column(
                    $this->postJson(route('pricing.recipes.order', $this->stall), ['recipes' => [$one, $two]])->json(
                        'recipes',
                    ),
                    'id',
                ),
                0,
                2,
            ),
        );
    }

    public function test_a_line_of_the_cost_sheet_is_saved_and_shows_what_it_does(): void
    {
        $before = $this->board()[0]['keep']['minor'];
        $said = $this->patchJson(route('pricing.costs.update', $this->stall), [
            'fields' => ['returns' => '3', 'handling' => '0.40'],
        ])->assertOk();
        $effects = array_column($said->json('sheet.fields'), 'effect', 'key');
        self::assertSame('takes £0.40', $effects['handling']);
        self::assertLessThan($before, $this->board()[0]['keep']['minor']);
        $this->patchJson(route('pricing.costs.update', $this->stall), [
            'fields' => ['returns' => 'some'],
        ])->assertUnprocessable();
        $this->patchJson(route('pricing.costs.update', $this->stall), [
            'rates' => ['USD' => '0'],
        ])->assertUnprocessable();
        $this->patchJson(route('pricing.costs.update', $this->stall), [
            'market' => 'GB',
            'terms' => ['duty' => '2.5', 'dutyOn' => 'goods'],
        ])->assertOk();
        self::assertSame(
            11,
            DB::table('prices')->where('listing_variant_id', $this->ids[0])->value('duty_minor'),
            '2.5% of 4.35',
        );
        $this->postJson(route('pricing.undo', [$this->stall, $said->json('change')]))
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Something was changed since (The cost sheet changed). Take that back first.');
        $this->get(route('pricing.costs', $this->stall))
            ->assertOk()
            ->assertInertia(fn ($page) => $page->where('sheet.sale.about', 'Garden Trowel NEW, STL-01'));
    }

    public function test_rates_are_taken_over_from_the_service_or_stay(): void
    {
        $said = $this->postJson(route('pricing.rates', $this->stall))->assertOk();
        $usd = array_values(
            array_filter($said->json('sheet.rates'), static fn (array $r): bool => $r['from'] === 'USD'),
        )[0];
        self::assertFalse($usd['typed']);
        self::assertEqualsWithDelta(0.79, (float) $usd['rate'], 0.02);
        Http::fake(['*/v1/rates*' => Http::response('<html>', 200)]);
        $this->postJson(route('pricing.rates', $this->stall))
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                'The exchange rates answered something that can’t be read. Those you have stay.',
            );
    }

    public function test_a_trial_changes_nothing_until_it_is_applied_and_can_be_taken_back(): void
    {
        $last = $this->stall->recipes()->firstOrFail();
        $form = \WindowStall\Stall\Terms\Views\RecipeFormView::of(
            $last->ruled($this->stall->currencyValue())->recipe,
            $this->stall->currencyValue(),
        );
        $recipe =
            ['steps' => [['upTo' => '', 'method' => 'factor', 'value' => '3']]] +
            (array) json_decode((string) json_encode($form), true);
        $trial = $this->postJson(route('pricing.trial.store', $this->stall), [
            'fields' => ['advertising' => '1.00'],
            'rates' => [],
            'suppliers' => [],
            'recipes' => [$last->id => $recipe],
        ])->assertOk();
        self::assertSame(
            [2, 0, 2],
            [$trial->json('figures.up'), $trial->json('figures.down'), $trial->json('figures.variants')],
        );
        self::assertSame(
            '18.95',
            $trial->json('figures.biggest.0.after.digits') === '27.95'
                ? $trial->json('figures.biggest.1.after.digits')
                : $trial->json('figures.biggest.0.after.digits'),
        );
        self::assertSame(
            ['15.95', '22.95'],
            array_map(static fn (array $r): string => $r['price']['digits'], $this->board()),
            'nothing changed',
        );
        $applied = $this->postJson(route('pricing.trial.apply', [$this->stall, $trial->json('id')]))
            ->assertOk()
            ->assertJsonPath('words', 'Trial applied: 2 prices moved');
        self::assertSame(
            ['18.95', '27.95'],
            array_map(static fn (array $r): string => $r['price']['digits'], $this->board()),
        );
        self::assertSame(100, $this->stall->refresh()->advertising_minor);
        $this->postJson(route('pricing.trial.apply', [$this->stall, $trial->json('id')]))->assertUnprocessable();
        $this->postJson(route('pricing.undo', [$this->stall, $applied->json('change')]))->assertOk();
        self::assertSame(
            ['15.95', '22.95'],
            array_map(static fn (array $r): string => $r['price']['digits'], $this->board()),
        );
        self::assertSame(0, $this->stall->refresh()->advertising_minor);
    }

    public function test_dearer_goods_can_be_tried_but_not_applied_and_a_trial_is_thrown_away(): void
    {
        $connection = $this->world->connection($this->stall);
        $trial = $this->postJson(route('pricing.trial.store', $this->stall), [
            'fields' => [],
            'rates' => [],
            'suppliers' => [$connection->id => '50'],
            'recipes' => [],
        ])
            ->assertOk()
            ->assertJsonPath('canApply', false);
        // 8.10 + 2.37 USD land at 8.44; × 2.4 = 20.256
        self::assertContains(
            '20.95',
            array_map(static fn (array $m): string => $m['after']['digits'], $trial->json('figures.biggest')),
        );
        $this->postJson(route('pricing.trial.apply', [$this->stall, $trial->json('id')]))->assertUnprocessable();
        $this->deleteJson(route('pricing.trial.destroy', [$this->stall, $trial->json('id')]))->assertJsonPath(
            'id',
            null,
        );
        self::assertSame(0, PricingChange::query()->where('stall_id', $this->stall->id)->count());
        $this->getJson(route('pricing.trial.view', [$this->world->stall(), $trial->json('id')]))->assertNotFound();
    }

    public function test_a_ladder_is_tried_saved_and_paid_by_shoppers(): void
    {
        $rungs = [
            ['pieces' => 2, 'kind' => 'percent', 'value' => '10'],
            ['pieces' => 4, 'kind' => 'total', 'value' => '20.00'],
        ];
        $tried = $this->postJson(route('pricing.ladder.try', [$this->stall, $this->listing]), [
            'rungs' => $rungs,
        ])->assertOk();
        self::assertSame(
            ['15.95', '28.71', '20.00'],
            array_map(static fn (array $r): string => $r['total']['digits'], $tried->json('rungs')),
        );
        self::assertSame('This rung falls under the floor.', $tried->json('rungs.2.warning'));
        self::assertNull($this->listing->refresh()->own_ladder);
        $this->putJson(route('pricing.ladder', [$this->stall, $this->listing]), ['rungs' => [$rungs[0]]])->assertOk();
        $this->postJson(route('pricing.ladder.try', [$this->stall, $this->listing]), [
            'rungs' => [['pieces' => 1, 'kind' => 'percent', 'value' => '10']],
        ])->assertUnprocessable();
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        $shopper = new \WindowStall\Tests\App\Shop\Shopper($this, $this->stall);
        $shopper->put($this->listing->variants()->findOrFail($this->ids[0]), 2);
        $shopper->checkOut();
        self::assertSame(
            [2871, 2871],
            [$shopper->order()->goods_minor, $shopper->order()->lines()->firstOrFail()->total_minor],
        );
    }

    public function test_variants_climb_a_ladder_together_and_what_was_paid_for_each_stands_on_its_line(): void
    {
        $this->putJson(route('pricing.ladder', [$this->stall, $this->listing]), [
            'rungs' => [['pieces' => 3, 'kind' => 'percent', 'value' => '10', 'words' => ' A row of  beans ']],
        ])->assertOk()->assertJsonPath('typed.0.words', 'A row of beans');
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        $this->get($this->stall->shopAddress('/goods/'.$this->listing->refresh()->slug))->assertSee('A row of beans');
        $shopper = new \WindowStall\Tests\App\Shop\Shopper($this, $this->stall);
        [$one, $other] = [$this->listing->variants()->findOrFail($this->ids[0]), $this->listing->variants()->findOrFail($this->ids[1])];
        $shopper->put($one, 2);
        $shopper->put($other);
        $shopper->checkOut();
        $order = $shopper->order();
        $price = static fn (ListingVariant $v): int => (int) $v->prices()->where('market', 'GB')->value('shown_minor');
        $full = 2 * $price($one) + $price($other);
        self::assertSame(intdiv($full * 9 + 5, 10), $order->goods_minor, 'three of them, though of two kinds');
        self::assertSame($order->goods_minor, (int) $order->lines()->sum('total_minor'));
        self::assertCount(2, $order->lines);
    }

    public function test_a_rung_that_is_no_step_down_is_refused_and_so_are_words_that_only_figures_can_say(): void
    {
        $put = fn (array $rungs) => $this->putJson(route('pricing.ladder', [$this->stall, $this->listing]), ['rungs' => $rungs]);
        $rung = static fn (int $pieces, string $value): array => ['pieces' => $pieces, 'kind' => 'percent', 'value' => $value];
        $put([$rung(2, '20'), $rung(3, '10')])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'From 3 pieces on, one costs no less than on the rung below. Let the rung give more, or take it out.');
        $put([$rung(2, '20') + ['words' => 'Best value']])
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $why): bool => str_starts_with($why, '“Best value” is for figures to say'));
        self::assertNull($this->listing->refresh()->own_ladder);
    }

    public function test_free_delivery_says_what_it_takes_and_shoppers_get_it(): void
    {
        $said = $this->getJson(route('pricing.free-delivery', $this->stall))->assertOk();
        self::assertStringContainsString('too few orders', $said->json('figures.0'));
        self::assertSame('£2.95', $said->json('charged'));
        self::assertSame(
            '18.90',
            array_column($said->json('builtIn'), null, 'name')['Garden Trowel NEW, STL-01']['then']['digits'],
        );
        $this->patchJson(route('pricing.costs.update', $this->stall), ['free_over' => '30'])->assertJsonPath(
            'sheet.freeOver',
            '30.00',
        );
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->get());
        $shopper = new \WindowStall\Tests\App\Shop\Shopper($this, $this->stall->refresh());
        $shopper->put($this->listing->variants()->findOrFail($this->ids[0]), 2);
        $shopper->checkOut();
        self::assertSame([3190, 0], [$shopper->order()->goods_minor, $shopper->order()->delivery_minor]);
    }

    public function test_delivery_is_built_into_the_recipes_prices_and_taken_out_again(): void
    {
        $keep = $this->board()[0]['keep']['minor'];
        $done = $this->patchJson(route('pricing.costs.update', $this->stall), ['build_in' => true])->assertOk();
        // 15.03 computed + 2.95 = 17.98 → 18.95, and nothing is charged besides
        self::assertSame(
            ['18.95', 0],
            [$this->board()[0]['price']['digits'], $this->stall->refresh()->flat_delivery_minor],
        );
        self::assertGreaterThanOrEqual($keep, $this->board()[0]['keep']['minor']);
        $this->getJson(route('pricing.variant', [$this->stall, $this->ids[0]]))->assertJsonPath(
            'reasons.0',
            'Landed cost 6.26 × 2.4 makes 17.98 with delivery of 2.95 built in.',
        );
        $this->getJson(route('pricing.free-delivery', $this->stall))->assertJsonPath('carried.digits', '2.95');
        $this->postJson(route('pricing.undo', [$this->stall, $done->json('change')]))->assertOk();
        self::assertSame(
            ['15.95', 295],
            [$this->board()[0]['price']['digits'], $this->stall->refresh()->flat_delivery_minor],
        );
    }

    /**
     * @param  list<int>  $variants
     * @param  array<string, mixed>  $body
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function set(array $variants, array $body): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(route('pricing.set', $this->stall), ['variants' => $variants] + $body);
    }

    /** @return list<array<string, mixed>> */
    private function board(): array
    {
        return json_decode(
            (string) json_encode(
                \WindowStall\Pricing\Views\BoardRowView::list(
                    $this->stall->refresh()->load('recipes'),
                    'GB',
                    $this->ids,
                ),
            ),
            true,
        );
    }
}
