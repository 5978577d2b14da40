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
