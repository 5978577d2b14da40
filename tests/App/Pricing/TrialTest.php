<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Pricing\Listing\TrialTally;
use WindowStall\Pricing\ChangePricing;
use WindowStall\Pricing\Jobs\TryForLarge;
use WindowStall\Pricing\PriceListings;
use WindowStall\Pricing\PricingChange;
use WindowStall\Pricing\TryPricing;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** What a trial says would happen, next to what happens. */
final class TrialTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->world->market($this->stall, 'NL', 603, [
            'currency' => 'EUR',
            'prices' => 'conversion',
            'ending' => '{"part": "0.95", "direction": "up"}',
            'tax_bp' => 2100,
            'duty_bp' => 1000,
        ]);
        $this->world->market($this->stall, 'IE', 410, ['currency' => 'EUR', 'prices' => 'own', 'tax_bp' => 2300]);
        $this->world->listing(
            $this->stall,
            Items::item([
                Items::variant('a'),
                Items::variant('b', 900, 3, 'CPR-02'),
                Items::variant('c', 210, 3, 'RED-03'),
            ]),
        );
        $this->world->listing($this->stall, Items::item([Items::variant('d', 1700)], 'Brass mister', id: 'T-2'));
    }

    public function test_a_move_says_where_another_recipe_took_over_and_a_recipe_how_far_prices_lie_apart_there(): void
    {
        $recipe = static fn (string $factor): array => [
            'basis' => 'landed',
            'steps' => [['factor' => $factor]],
            'ending' => ['part' => '0.95', 'direction' => 'up'],
            'floor' => null,
            'cap' => null,
        ];
        $this->stall->recipes()->create([
            'name' => 'Little things',
            'position' => 1,
            'conditions' => ['cost_to' => '5.00'],
            'recipe' => $recipe('1.5'),
        ]);
        $this->stall->recipes()->where('position', 1_000)->update(['name' => 'Everything else']);
        app(PriceListings::class)($this->stall->refresh());
        // The steel one costs 5.40 USD, 4.30 here; a fifth dearer 5.16. It is sent for 1.91: 6.21 and 7.07 landed.
        $supplier = SupplierConnection::of($this->stall)->firstOrFail();
        $this->postJson(route('pricing.trial.store', $this->stall), [
            'fields' => [],
            'rates' => [],
            'suppliers' => [$supplier->id => '20'],
            'recipes' => [],
        ])->assertOk();
        $figures = PricingChange::query()->latest('id')->firstOrFail()->figures ?? [];
        $moves = array_column((array) $figures['biggest'], 'crossed', 'name');
        self::assertSame(
            'past 5.00, where “Little things” ends: priced by “Everything else” now',
            $moves[array_key_first(array_filter($moves))],
        );
        self::assertStringContainsString('1 of them moves because another recipe prices it.', $figures['words']);

        $recipes = $this->get(route('pricing.recipes', $this->stall))->assertOk()->viewData('page')['props']['recipes'];
        $borders = array_column(json_decode((string) json_encode($recipes), true), 'borders', 'name');
        self::assertMatchesRegularExpression(
            '/^At a cost of 5\.00 “Little things” asks \d+\.95, and past it “Everything else” \d+\.\d\d: \d+\.\d\d more\.$/u',
            $borders['Little things'][0],
        );
        self::assertSame([], $borders['Everything else']);
    }

    public function test_what_it_says_of_every_market_is_what_applying_it_does(): void
    {
        $recipe = [
            'basis' => 'goods',
            'steps' => [['up_to' => '5.00', 'factor' => '4.1'], ['factor' => '1.9']],
            'ending' => ['part' => '0.5', 'direction' => 'up'],
            'floor' => ['margin' => '0.2'],
            'cap' => null,
        ];
        $last = $this->stall->recipes()->firstOrFail();
        $changes = [
            'stall' => ['advertising_minor' => 80, 'payment_fee_bp' => 290],
            'rates' => ['USD' => '0.85'],
            'recipes' => [['id' => $last->id, 'name' => $last->name, 'conditions' => [], 'recipe' => $recipe]],
        ];
        $trial = new PricingChange(['stall_id' => $this->stall->id, 'changes' => $changes]);
        $trial->save();
        app(TryPricing::class)->keep($this->stall, $trial);
        $said = $trial->figures ?? [];
        $before = $this->lists();
        self::assertSame(['GB', 'IE', 'NL'], array_keys($before));

        app(ChangePricing::class)(
            $this->stall,
            null,
            'Trial applied',
            function () use ($changes, $recipe, $last): void {
                $this->stall->update($changes['stall']);
                $this->stall
                    ->rates()
                    ->where('from', 'USD')
                    ->update(['rate' => '0.85']);
                $last->update(['recipe' => $recipe]);
            },
            $trial,
        );
        $after = $this->lists();
        foreach ([['market' => 'GB', ...$said], ...$said['markets']] as $of) {
            [$was, $is] = [$before[$of['market']], $after[$of['market']]];
            $count = static fn (callable $counts): int => count(array_filter(array_keys($was), $counts));
            self::assertSame(
                $count(static fn (int $v): bool => $is[$v]->price_minor > $was[$v]->price_minor),
                $of['up'],
                $of['market'],
            );
            self::assertSame(
                $count(static fn (int $v): bool => $is[$v]->price_minor < $was[$v]->price_minor),
                $of['down'],
                $of['market'],
            );
            self::assertSame(
                $count(static fn (int $v): bool => $was[$v]->underFloor()),
                $of['underBefore'],
                $of['market'],
            );
            self::assertSame(
                $count(static fn (int $v): bool => $is[$v]->underFloor()),
                $of['underAfter'],
                $of['market'],
            );
            self::assertGreaterThan(0, $of['up'] + $of['down'], 'a market where nothing moves shows nothing');
        }
        foreach (['before' => $before, 'after' => $after] as $when => $lists) {
            $bands = array_count_values(
                array_map(
                    static fn (Price $p): int => TrialTally::band((int) $p->margin_bp),
                    array_values($lists['GB']),
                ),
            );
            self::assertSame(
                array_map(static fn (int $band): int => $bands[$band] ?? 0, range(0, count(TrialTally::BANDS))),
                $said[$when],
            );
        }
        foreach ($said['biggest'] as $move) {
            self::assertSame(
                [$before['GB'][$move['variant']]->price_minor, $after['GB'][$move['variant']]->price_minor],
                [$move['before']['minor'], $move['after']['minor']],
            );
        }
    }

    public function test_a_rate_that_moves_within_the_tolerance_moves_what_is_kept_and_no_price(): void
    {
        $said = $this->postJson(route('pricing.trial.store', $this->stall), [
            'fields' => [],
            'rates' => ['USD' => '0.80'],
            'suppliers' => [],
            'recipes' => [],
        ])->assertOk();
        self::assertSame(
            [0, 0, 'Prices stay while a rate moves less than 2%.'],
            [
                $said->json('figures.up'),
                $said->json('figures.down'),
                strstr((string) $said->json('figures.words'), 'Prices stay'),
            ],
        );
        $before = $this->lists();
        $this->postJson(route('pricing.trial.apply', [$this->stall, $said->json('id')]))->assertOk();
        foreach ($this->lists()['GB'] as $variant => $price) {
            self::assertSame($before['GB'][$variant]->price_minor, $price->price_minor);
            self::assertLessThan($before['GB'][$variant]->keep_minor, $price->keep_minor);
        }
        $far = $this->postJson(route('pricing.trial.store', $this->stall), [
            'fields' => [],
            'rates' => ['USD' => '0.90'],
            'suppliers' => [],
            'recipes' => [],
        ])->assertOk();
        self::assertGreaterThan(0, $far->json('figures.up'));
    }

    public function test_figures_of_what_was_tried_before_never_stand_under_what_is_tried_now(): void
    {
        $trial = new PricingChange([
            'stall_id' => $this->stall->id,
            'changes' => ['stall' => ['advertising_minor' => 100]],
        ]);
        $trial->save();
        $stale = PricingChange::query()->findOrFail($trial->id);
        $trial->update(['changes' => ['stall' => ['advertising_minor' => 300]]]);
        app(TryPricing::class)->keep($this->stall, $stale);
        self::assertNull($trial->refresh()->figures);
        (new TryForLarge($trial->id))->handle(app(TryPricing::class));
        self::assertSame(4, PricingChange::query()->findOrFail($trial->id)->figures['variants'] ?? null);
    }

    public function test_while_it_is_worked_out_the_page_is_told_how_far_it_is(): void
    {
        $trial = new PricingChange([
            'stall_id' => $this->stall->id,
            'changes' => ['stall' => ['advertising_minor' => 100]],
        ]);
        $trial->save();
        Cache::put('trial-'.$trial->id, 3, 60);
        $view = route('pricing.trial.view', [$this->stall, $trial]);
        $this->getJson($view)
            ->assertOk()
            ->assertJsonPath('figures', null)
            ->assertJsonPath('tried', 3)
            ->assertJsonPath('variants', 4);
        app(TryPricing::class)->keep($this->stall, $trial);
        $this->getJson($view)
            ->assertJsonPath('tried', 0)
            ->assertJsonPath('figures.variants', 4)
            ->assertJsonPath('figures.markets.1.name', 'Netherlands');
    }

    public function test_a_trial_writes_nothing(): void
    {
        $rows = static fn (): array => DB::table('prices')
            ->orderBy('listing_variant_id')
            ->orderBy('market')
            ->get()
            ->map(static fn (\stdClass $r): array => (array) $r)
            ->all();
        $before = $rows();
        app(TryPricing::class)($this->stall, [
            'stall' => ['advertising_minor' => 500],
            'costs' => [(int) SupplierConnection::of($this->stall)->value('id') => 5000],
            'duty' => ['GB' => 900],
        ]);
        self::assertSame($before, $rows());
        app(PriceListings::class)($this->stall);
        self::assertSame($before, $rows(), 'and what it tried is forgotten');
    }

    /** @return array<string, array<int, Price>> market → variant → its price */
    private function lists(): array
    {
        $lists = [];
        foreach (Price::query()->where('stall_id', $this->stall->id)->orderBy('market')->get() as $price) {
            $lists[$price->market][$price->listing_variant_id] = $price;
        }

        return $lists;
    }
}
