<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Landing\DeliveryQuotes;
use WindowStall\Source\Landing\ItemLanding;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class LandItemsTest extends AppTestCase
{
    public function test_each_variant_lands_from_the_warehouse_that_is_cheapest_with_stock(): void
    {
        $stall = $this->world->stall();
        $this->quote($stall, 'GB', 300, [['Economy', 237, 2, 4]]);
        $this->quote($stall, 'CN', 300, [['Economy', 355, 14, 22], ['Express', 1804, 6, 9]]);
        $this->world->pull(
            $stall,
            $this->item([
                $this->variant('near', ['GB' => 4, 'CN' => 90]),
                $this->variant('far', ['GB' => 0, 'CN' => 90]),
            ]),
        );
        $item = SupplierItem::query()->where('stall_id', $stall->id)->firstOrFail();
        $near = $item->variants()->where('external_id', 'near')->firstOrFail();
        $far = $item->variants()->where('external_id', 'far')->firstOrFail();
        self::assertSame(['GB', 'Economy', 3, 6], [$near->warehouse, $near->method, $near->days_min, $near->days_max]);
        self::assertSame(['CN', 15, 24], [$far->warehouse, $far->days_min, $far->days_max]);
        self::assertSame($far->landed_minor, (int) $far->goods_minor + (int) $far->delivery_minor);
    }

    public function test_an_item_shows_its_cheapest_variant_and_the_stock_of_all(): void
    {
        $stall = $this->world->stall();
        $this->world->pull(
            $stall,
            Items::item([Items::variant('a', 900, 5), Items::variant('b', 540, 7), Items::variant('c', 700, 0)]),
        );
        $row = SupplierItem::query()->where('stall_id', $stall->id)->firstOrFail();
        $landing = $row->landings()->where('market', 'GB')->firstOrFail();
        self::assertSame(
            [540, 12, 435, 191, 626],
            [$row->cost_minor, $row->stock, $landing->goods_minor, $landing->delivery_minor, $landing->landed_minor],
        );
    }

    public function test_where_nothing_is_delivered_there_is_no_landed_cost_and_the_listing_says_so(): void
    {
        $this->signIn();
        $stall = $this->world->stall(market: 'BR');
        $this->quote($stall, 'GB', 300, []);
        $listing = $this->world->listing($stall);
        self::assertFalse($listing->supplierItem?->landings()->whereNotNull('landed_minor')->exists());
        $this->get(route('source', $stall))->assertInertia(
            fn ($page) => $page->has('items', 1)->where('items.0.landed', null),
        );
        $this->postJson(route('bench.window', $stall), ['listings' => [$listing->id]])
            ->assertJsonPath('placed', [])
            ->assertJsonPath('left.0.lacks.0.words', 'STL-01 can’t be delivered to Brazil. Switch it off.');
    }

    public function test_what_comes_for_the_first_time_is_stored_with_the_figures_that_landing_it_gives(): void
    {
        $stall = $this->world->stall();
        $this->world->market($stall, 'IE', 410);
        $connection = $this->world->connection($stall);
        app(StartPull::class)($connection, null);
        $first = self::figures($stall);
        self::assertGreaterThan(300, count(array_filter($first, static fn (string $row): bool => ! str_contains($row, 'null,null,null'))));
        DB::table('supplier_variants')->where('stall_id', $stall->id)->update(['landed_minor' => 1, 'out_of_reach' => 7]);
        DB::table('item_landings')->where('stall_id', $stall->id)->update(['landed_minor' => 1, 'stock' => 1, 'category' => '']);
        app(LandItems::class)($stall, $connection);
        self::assertSame($first, self::figures($stall));
    }

    /** @return list<string> what every variant costs at home and every item in each market */
    private static function figures(Stall $stall): array
    {
        $rows = [
            ...DB::select(
                'SELECT item.external_id, variant.external_id AS variant, goods_minor, delivery_minor, landed_minor,
                    days_min, days_max, warehouse, method, first_minor, further_minor, out_of_reach
                FROM supplier_variants AS variant JOIN supplier_items AS item ON item.id = variant.supplier_item_id
                WHERE variant.stall_id = ? ORDER BY 1, 2',
                [$stall->id],
            ),
            ...DB::select(
                'SELECT item.external_id, market, goods_minor, delivery_minor, landed_minor, days_min, days_max,
                    warehouse, landing.stock, landing.variants, landing.rating, landing.category
                FROM item_landings AS landing JOIN supplier_items AS item ON item.id = landing.supplier_item_id
                WHERE landing.stall_id = ? ORDER BY 1, 2',
                [$stall->id],
            ),
        ];

        return array_values(
            array_map(static fn (\stdClass $row): string => (string) json_encode(array_values((array) $row)), $rows),
        );
    }

    public function test_a_quote_is_asked_for_once_and_kept(): void
    {
        $stall = $this->world->stall();
        $connection = $this->world->connection($stall);
        $one = [['method' => 'Economy', 'price' => 300, 'days' => [2, 4]]];
        Http::fake([
            '*/v1/quotes' => static fn (Request $asked) => Http::response([
                'quotes' => array_fill(0, count($asked->data()['parcels']), $one),
            ]),
        ]);
        $this->world->pull($stall, $this->item([$this->variant('a', ['DE' => 3]), $this->variant('b', ['DE' => 9])]));
        Http::assertSentCount(1);
        app(LandItems::class)($stall, $connection);
        Http::assertSentCount(1);
        app(DeliveryQuotes::class)->refresh($connection);
        Http::assertSentCount(2);
    }

    public function test_pieces_from_where_nothing_is_sent_home_cant_be_sold(): void
    {
        $stall = $this->world->stall();
        $this->quote($stall, 'GB', 300, [['Economy', 237, 2, 4]]);
        $this->quote($stall, 'US', 300, []);
        $this->world->pull(
            $stall,
            $this->item([$this->variant('a', ['GB' => 3, 'US' => 500]), $this->variant('b', ['US' => 40])]),
        );
        $of = fn (string $id): SupplierVariant => SupplierVariant::query()
            ->where('external_id', $id)
            ->whereHas('item', fn ($q) => $q->where('stall_id', $stall->id))
            ->sole();
        self::assertSame([503, 500, 3], [$of('a')->stock, $of('a')->out_of_reach, $of('a')->available()]);
        self::assertSame(
            [40, 0, null],
            [$of('b')->stock, $of('b')->out_of_reach, $of('b')->landed_minor],
            'that can’t be sent at all is said otherwise',
        );
    }

    public function test_another_market_turns_every_cost_to_it(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->world->pull($stall, Items::item([Items::variant('a')]));
        $before = ItemLanding::query()->where('stall_id', $stall->id)->where('market', 'GB')->value('delivery_minor');
        $this->put(
            route('settings.update', $stall),
            $this->settings(['home_market' => 'NL']),
        )->assertSessionHasNoErrors();
        $row = ItemLanding::query()->where('stall_id', $stall->id)->where('market', 'NL')->firstOrFail();
        self::assertGreaterThan($before, $row->delivery_minor, 'asked of the supplier over HTTP');
        self::assertSame([5, 10], [$row->days_min, $row->days_max]);
        self::assertSame('NL', $stall->refresh()->home_market);
        self::assertContains('GB', $stall->soldTo(), 'it goes on selling at home');
    }

    public function test_while_a_supplier_is_away_the_stall_sells_where_it_did_and_is_told_why(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->world->pull($stall, Items::item([Items::variant('a')]));
        SupplierConnection::of($stall)->update(['address' => 'http://oakum.standins.localhost:9']);
        $this->put(
            route('settings.update', $stall),
            $this->settings(['home_market' => 'NL', 'name' => 'Changed']),
        )->assertSessionHasNoErrors();
        self::assertSame(['GB', 'Changed'], [$stall->refresh()->home_market, $stall->name]);
        $run = Run::of($stall)->latest('id')->firstOrFail();
        self::assertSame(RunState::Failed, $run->state);
        self::assertStringContainsString('Nothing answers', (string) $run->trouble);
    }

    public function test_the_settings_say_how_far_the_move_is_and_it_can_be_stopped(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        Queue::fake();
        $moving = fn () => $this->getJson(route('source.home', $stall))->assertOk();
        $moving()->assertExactJson(['run' => null]);

        $this->put(route('settings.update', $stall), $this->settings(['home_market' => 'NL']));
        $run = (int) $moving()->assertJsonPath('run.open', true)->json('run.id');
        $this->deleteJson(route('source.run.cancel', [$stall, $run]))->assertOk();
        $moving()->assertExactJson(['run' => null]);
        self::assertSame('GB', $stall->refresh()->home_market);
    }

    public function test_a_new_name_touches_no_price_and_asks_no_supplier(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->world->inWindow($stall);
        Http::fake(['*' => Http::response([], 500)]);
        DB::enableQueryLog();
        $this->put(route('settings.update', $stall), $this->settings(['name' => 'Quillet & Daughter']))
            ->assertSessionHasNoErrors();
        $written = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn (string $sql): bool => preg_match('/^\s*(UPDATE|INSERT|DELETE|.*FOR UPDATE)/i', $sql) === 1 &&
                preg_match('/^\s*update "?(stalls|users|sessions)"?|sign_ins/i', $sql) !== 1 &&
                preg_match('/stale_pages|shop_state|page_turns/', $sql) !== 1,
        );
        DB::disableQueryLog();
        self::assertSame([], array_values($written), 'the stall alone is written, and that its pages are stale');
        Http::assertNothingSent();
        self::assertSame('Quillet & Daughter', $stall->refresh()->name);
    }

    public function test_a_currency_without_a_rate_is_said_plainly(): void
    {
        $stall = $this->world->stall();
        $stall->rates()->delete();
        $this->expectExceptionObject(
            new RateMissing('There is no exchange rate from USD to GBP. Set one on the cost sheet.'),
        );
        $this->world->pull($stall->unsetRelation('rates'), Items::item([Items::variant('a')]));
    }

    /** @param  list<Variant>  $variants */
    private function item(array $variants): Item
    {
        return new Item('L-1', 'Trowel', '', 'Tools', [], 'USD', new DayRange(1, 2), null, $variants);
    }

    /** @param  array<string, int>  $stock */
    private function variant(string $id, array $stock): Variant
    {
        return new Variant($id, $id, null, ['Clr' => $id], Money::of(540, 'USD'), null, 300, $stock, null);
    }

    /** @param  list<array{string, int, int, int}>  $methods */
    private function quote(Stall $stall, string $warehouse, int $grams, array $methods): void
    {
        DB::table('delivery_quotes')->insert([
            'connection_id' => $this->world->connection($stall)->id,
            'warehouse' => $warehouse,
            'destination' => $stall->home_market,
            'grams' => $grams,
            'methods' => json_encode($methods),
            'quoted_at' => now(),
        ]);
    }

    /**
     * @param  array<string, string>  $other
     * @return array<string, string>
     */
    private function settings(array $other): array
    {
        return $other + ['name' => 'Quillet', 'home_market' => 'GB', 'promise_days' => '10'];
    }
}
