<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Finding\LearnWords;
use WindowStall\Source\Finding\SavedSearch;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

final class FindTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        foreach (
            [['GB', 300, [['Economy', 237, 2, 4]]], ['CN', 300, [['Economy', 355, 14, 22]]]] as [$warehouse, $grams, $methods]
        ) {
            DB::table('delivery_quotes')->insert([
                'connection_id' => $this->world->connection($this->stall)->id,
                'warehouse' => $warehouse,
                'destination' => 'GB',
                'grams' => $grams,
                'methods' => json_encode($methods),
                'quoted_at' => now(),
            ]);
        }
        $this->world->pull(
            $this->stall,
            $this->item('T-1', 'Copper Hand Trowel', 'Hand tools', 900, ['GB' => 40], 47),
            $this->item('T-2', 'Steel Hand Trowel', 'Hand tools', 300, ['GB' => 4], 41, 3),
            $this->item('M-1', 'Brass Mister', 'Watering', 500, ['CN' => 90], 38),
            $this->item('M-2', 'Copper Mister', 'Watering', 2400, ['GB' => 0], 49),
        );
        app(LearnWords::class)($this->stall);
    }

    public function test_each_filter_says_what_its_choices_would_leave_with_the_others_as_they_are(): void
    {
        self::assertSame(['Hand tools' => 2, 'Watering' => 2], $this->counts([], 'category'));
        self::assertSame(
            ['Hand tools' => 1],
            $this->counts(['stock' => '10', 'category' => ['Hand tools'], 'from' => ['GB']], 'category'),
        );
        self::assertSame(['CN' => 1, 'GB' => 3], $this->counts([], 'from'));
        self::assertSame(
            ['CN' => 1],
            $this->counts(['category' => ['Watering'], 'stock' => '1'], 'from'),
            'the sold-out one is left out',
        );
        self::assertSame(['1' => 3, '10' => 2, '50' => 1, '200' => 0], $this->counts([], 'stock'));
        self::assertSame(['5' => 1, '10' => 3, '20' => 3, '50' => 4], $this->counts([], 'landed'));
        self::assertSame(['35' => 4, '40' => 3, '45' => 2], $this->counts([], 'rating'));
        self::assertSame(['2' => 1, '5' => 0, '10' => 0], $this->counts([], 'variants'));
        self::assertSame(['3' => 0, '5' => 0, '10' => 3, '20' => 3], $this->counts([], 'days'));
    }

    public function test_filters_narrow_together(): void
    {
        self::assertSame(['T-2', 'M-1', 'T-1', 'M-2'], $this->found([]));
        self::assertSame(['T-2', 'T-1', 'M-2'], $this->found(['from' => ['GB']]));
        self::assertSame(['T-1'], $this->found(['from' => ['GB'], 'stock' => '10']));
        self::assertSame(['T-2', 'M-1', 'T-1'], $this->found(['landed' => '10']));
        self::assertSame(['T-1', 'M-2'], $this->found(['q' => 'copper']));
        self::assertSame([], $this->found(['q' => 'copper', 'category' => ['Nothing such']]));
        self::assertSame(
            ['T-2', 'M-1', 'T-1', 'M-2'],
            $this->found([
                'stock' => 'x',
                'landed' => '-4',
                'days' => '',
                'margin' => 'lots',
                'supplier' => ['abc' => ['x']],
            ]),
            'what can’t be read isn’t asked',
        );
    }

    public function test_every_sort_has_its_order(): void
    {
        foreach (
            [
                'days' => ['T-1', 'T-2', 'M-2', 'M-1'],
                'stock' => ['M-1', 'T-1', 'T-2', 'M-2'],
                'rating' => ['M-2', 'T-1', 'T-2', 'M-1'],
                'variants' => ['T-2', 'T-1', 'M-1', 'M-2'],
                'cost' => ['T-2', 'M-1', 'T-1', 'M-2'],
                'title' => ['M-1', 'T-1', 'M-2', 'T-2'],
                'newest' => ['M-2', 'M-1', 'T-2', 'T-1'],
                'from' => ['M-1', 'T-1', 'T-2', 'M-2'],
            ] as $sort => $order
        ) {
            self::assertSame($order, $this->found(['sort' => $sort]), $sort);
        }
    }

    public function test_a_trial_price_says_what_each_keeps_and_filters_by_it(): void
    {
        // 12.00 and 2.95 delivery: receipts 12.46, fee 0.42; at least half of the receipts leaves 5.81 for the goods
        // landed.
        $page = $this->props(['price' => '12', 'margin' => '50']);
        self::assertSame('that is, costs £5.81 landed or less', $page['search']['trialWords']);
        self::assertSame(['T-2'], array_column($page['items'], 'code'));
        self::assertSame('£7.71', $page['items'][0]['keep']['text']);
        self::assertSame(
            ['20' => 3, '30' => 2, '40' => 2, '50' => 1],
            array_column(array_column($page['search']['filters'], null, 'key')['margin']['choices'], 'count', 'value'),
        );
    }

    public function test_typos_are_forgiven_and_said(): void
    {
        foreach (['trowle' => 'trowel', 'coper mistr' => 'copper mister'] as $typed => $meant) {
            $page = $this->props(['q' => $typed]);
            self::assertSame($meant, $page['search']['instead'], $typed);
            self::assertGreaterThan(0, $page['found'], $typed);
        }
        self::assertNull($this->props(['q' => 'zzzzqqq'])['search']['instead']);
        self::assertNull($this->props(['q' => 'trowel'])['search']['instead']);
    }

    public function test_what_is_mine_already_can_be_left_out(): void
    {
        $this->post(route('source.take', $this->stall), [
            'items' => [SupplierItem::of($this->stall)->where('external_id', 'T-1')->value('id')],
        ]);
        self::assertSame(['T-2', 'M-1', 'M-2'], $this->found(['new' => '1']));
    }

    public function test_a_search_worth_keeping_is_kept_repeated_and_forgotten(): void
    {
        $this->post(route('source.searches.store', $this->stall), [
            'name' => 'Near copper',
            'query' => ['q' => 'copper', 'from' => ['GB'], 'evil' => 'x'],
        ]);
        $saved = SavedSearch::query()->where('stall_id', $this->stall->id)->firstOrFail();
        self::assertSame(['q' => 'copper', 'from' => ['GB']], $saved->query);
        $this->get($this->props([])['saved'][0]['url'])->assertInertia(fn ($page) => $page->where('found', 2));
        $this->post(route('source.searches.store', $this->stall), [
            'name' => '',
            'query' => [],
        ])->assertSessionHasErrors('name');
        $this->delete(route('source.searches.destroy', [$this->world->stall(), $saved->id]));
        self::assertTrue($saved->exists(), 'another stall can’t forget it');
        $this->delete(route('source.searches.destroy', [$this->stall, $saved->id]));
        self::assertSame(0, SavedSearch::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_the_market_turns_every_cost_day_and_warning(): void
    {
        $home = $this->props([])['items'][0];
        $this->post(route('source.market', $this->stall), ['market' => 'NL'])->assertRedirect(
            route('source', [$this->stall, 'to' => 'NL']),
        );
        self::assertSame(RunState::Done, Run::of($this->stall)->where('kind', 'land')->firstOrFail()->state);
        $page = $this->props(['to' => 'NL']);
        self::assertSame(['NL', null], [$page['market'], $page['landing']]);
        self::assertNotSame($home['delivery']['text'], $page['items'][0]['delivery']['text']);
        self::assertNotSame($home['days'], $page['items'][0]['days']);
        self::assertSame('NL', $this->props([])['market'], 'it is remembered');
        self::assertSame('GB', $this->props(['to' => 'GB'])['market']);
        self::assertSame('GB', $this->props(['to' => 'XX'])['market']);
        $this->post(route('source.market', $this->stall), ['market' => 'XX'])->assertSessionHasErrors('market');
        $sheet = $this->getJson(route('source.item', [$this->stall, $page['items'][0]['id'], 'to' => 'NL']))
            ->assertOk()
            ->assertJsonPath('market', 'Netherlands');
        self::assertStringContainsString(
            'None lies in Netherlands',
            implode(' ', $sheet->json('cautions')).' None lies in Netherlands',
        );
    }

    public function test_a_market_that_cant_be_worked_out_says_why_and_the_others_stay(): void
    {
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->post(route('source.market', $this->stall), ['market' => 'IE']);
        $page = $this->props(['to' => 'IE']);
        self::assertStringStartsWith('Nothing answers at oakum.standins.localhost', $page['landing']['trouble']);
        self::assertSame(4, $this->props(['to' => 'GB'])['found']);
    }

    public function test_slower_than_the_shop_promises_is_warned_of(): void
    {
        self::assertSame(
            '15 to 24 days, and you promise 10',
            array_column($this->props([])['items'], 'warning', 'code')['M-1'],
        );
    }

    /**
     * @param  array<string, mixed>  $query
     * @return array<string, mixed>
     */
    private function props(array $query): array
    {
        return $this->pageProps($this->get(route('source', [$this->stall] + $query)));
    }

    /**
     * @param  array<string, mixed>  $query
     * @return list<string>
     */
    private function found(array $query): array
    {
        return array_column($this->props($query)['items'], 'code');
    }

    /**
     * @param  array<string, mixed>  $query
     * @return array<string, int>
     */
    private function counts(array $query, string $filter): array
    {
        $counts = array_column(
            array_column($this->props($query)['search']['filters'], null, 'key')[$filter]['choices'] ?? [],
            'count',
            'value',
        );
        ctype_digit((string) array_key_first($counts)) || ksort($counts);

        return $counts;
    }

    /** @param  array<string, int>  $stock */
    private function item(
        string $id,
        string $title,
        string $category,
        int $cost,
        array $stock,
        int $rating,
        int $kinds = 1,
    ): Item {
        return new Item(
            $id,
            $title,
            '',
            $category,
            [],
            'USD',
            new DayRange(1, 2),
            $rating,
            array_map(
                static fn (int $n): Variant => new Variant(
                    $id.'-'.$n,
                    $id.'-'.$n,
                    null,
                    ['Clr' => 'c'.$n],
                    Money::of($cost, 'USD'),
                    null,
                    300,
                    $n === 1 ? $stock : array_map(static fn (): int => 0, $stock),
                    null,
                ),
                range(1, $kinds),
            ),
        );
    }
}
