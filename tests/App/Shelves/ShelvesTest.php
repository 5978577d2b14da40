<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shelves;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\FillShelves;
use WindowStall\Shelves\Jobs\RenameMany;
use WindowStall\Shelves\Jobs\TurnShelves;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Shelves fill themselves, by rule and by hand, and follow whatever happens to the goods. */
final class ShelvesTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_a_rule_takes_what_fits_and_lets_go_of_what_doesnt_any_more(): void
    {
        $peas = $this->goods('peas', ['peas']);
        $beans = $this->goods('beans', ['beans']);
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['peas']], ['field' => 'buyable']]);
        self::assertSame([$peas->id], $this->on($shelf));

        $this->world->say($beans, ListingPatch::none()->tags(['Peas']));
        self::assertSame([$peas->id, $beans->id], $this->on($shelf), 'tagged since');

        $this->world->pull($this->stall, Items::item([Items::variant('a', stock: 0)], id: 'peas', title: 'Item peas'));
        self::assertSame([$beans->id], $this->on($shelf), 'sold out at the supplier');

        app(PutInWindow::class)->takeOut($this->stall, Listing::query()->whereKey($beans->id)->get(), ListingState::PutBy);
        self::assertSame([], $this->on($shelf), 'taken out of the window');
    }

    public function test_what_is_deleted_leaves_and_comes_back_with_the_step(): void
    {
        $peas = $this->goods('peas', ['peas']);
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['peas']]]);
        $this->postJson(route('bench.delete', $this->stall), ['listings' => [$peas->id]])->assertOk();
        self::assertSame([], $this->on($shelf));

        app(Undo::class)->take($this->stall, BenchChange::query()->latest('id')->firstOrFail());
        self::assertSame([$peas->id], $this->on($shelf));
    }

    public function test_a_sale_moves_what_looks_at_stock_and_sales(): void
    {
        $peas = $this->goods('peas', ['peas']);
        $sold = $this->ruled([['field' => 'sold', 'to' => '30']]);
        self::assertSame([], $this->on($sold));
        $this->world->order($this->stall, $peas->variants()->firstOrFail(), 3, now()->subDay());

        self::assertSame([$peas->id], $this->on($sold));
        self::assertSame(3, (int) DB::table('goods_facts')->value('sold_pieces'));
    }

    public function test_prices_made_anew_move_goods_between_shelves(): void
    {
        $peas = $this->goods('peas', ['peas']);
        $dear = $this->ruled([['field' => 'price', 'from' => '90.00']]);
        self::assertSame([], $this->on($dear));
        $this->world->say(
            $peas,
            ListingPatch::none()->price(array_values($peas->variants()->pluck('id')->map(intval(...))->all()), $this->stall->money(9_900)),
        );

        self::assertSame([$peas->id], $this->on($dear));
    }

    public function test_options_are_seen_as_shoppers_read_them(): void
    {
        $pot = $this->goods('pot', []);
        $this->world->say($pot, ListingPatch::none()->names([
            'Clr' => ['as' => 'Colour', 'values' => ['STL-01' => 'Steel']],
        ]));

        self::assertSame([$pot->id], $this->on($this->ruled([['field' => 'option', 'names' => ['Colour: Steel']]])));
        self::assertSame([], $this->on($this->ruled([['field' => 'option', 'names' => ['Clr: STL-01']]])));
    }

    public function test_pins_exceptions_and_an_order_by_hand_stand_over_the_rule(): void
    {
        [$a, $b, $c] = array_map(fn (string $id) => $this->goods($id, ['peas']), ['a', 'b', 'c']);
        $d = $this->goods('d', []);
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['peas']]]);

        $this->place($shelf, [$c->id], 'pin')->assertJsonPath('goods.0.id', $c->id);
        $this->place($shelf, [$a->id], 'out')->assertJsonPath('count', 2);
        $this->place($shelf, [$d->id], 'in')->assertJsonPath('count', 3);
        $this->postJson(route('shelves.order', [$this->stall, $shelf]), ['listings' => [$b->id, $d->id]])
            ->assertOk()
            ->assertJsonPath('standing', 'hand');
        self::assertSame([$c->id, $b->id, $d->id], $this->on($shelf->refresh()));

        $this->place($shelf, [$a->id, $c->id, $d->id], '')->assertJsonPath('count', 3);
        self::assertContains($a->id, $this->on($shelf));
        self::assertNotContains($d->id, $this->on($shelf));
    }

    public function test_each_order_is_as_it_says_and_what_is_sold_out_stands_last(): void
    {
        $cheap = $this->goods('cheap', ['x'], cost: 100);
        $dear = $this->goods('dear', ['x'], cost: 900);
        $gone = $this->goods('gone', ['x'], cost: 50);
        $this->world->pull($this->stall, Items::item([Items::variant('a', 50, 0)], id: 'gone', title: 'Item gone'));
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['x']]]);
        $order = function (ShelfOrder $standing) use ($shelf): array {
            $shelf->update(['standing' => $standing]);

            return $this->on($shelf);
        };

        self::assertSame([$cheap->id, $dear->id, $gone->id], $order(ShelfOrder::Cheapest));
        self::assertSame([$dear->id, $cheap->id, $gone->id], $order(ShelfOrder::Dearest));
        self::assertSame([$dear->id, $cheap->id, $gone->id], $order(ShelfOrder::Keeping));
        foreach (ShelfOrder::cases() as $standing) {
            self::assertSame($order($standing), $order($standing), 'the same each time');
            self::assertSame($gone->id, $order($standing)[2]);
        }
    }

    public function test_it_says_why_each_listing_is_on_or_not(): void
    {
        $this->goods('peas', ['peas']);
        $this->goods('beans', ['beans']);
        $this->world->listing($this->stall, Items::item([Items::variant('a')], id: 'lies', title: 'Item lies'));
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['peas']], ['field' => 'buyable']]);
        $why = fn (string $q): array => $this->getJson(route('shelves.why', [$this->stall, $shelf, 'q' => $q]))->json()[0];

        self::assertTrue($why('peas')['on']);
        self::assertSame('The rule takes it.', $why('peas')['because']);
        self::assertFalse($why('beans')['on']);
        self::assertSame(
            [['words' => 'are tagged peas', 'holds' => false, 'had' => 'beans']],
            array_values(array_filter($why('beans')['reasons'], static fn (array $r): bool => ! $r['holds'])),
        );
        self::assertStringContainsString('on the bench', $why('lies')['because']);
        $this->getJson(route('shelves.why', [$this->stall, $shelf, 'q' => '%_\\']))->assertOk()->assertExactJson([]);
    }

    public function test_an_address_left_behind_is_kept_and_one_in_use_is_refused(): void
    {
        $shelf = $this->ruled([['field' => 'buyable']], 'Seed sowing');
        $this->ruled([['field' => 'was']], 'Pots');
        $say = fn (string $slug): TestResponse => $this->patchJson(
            route('shelves.update', [$this->stall, $shelf]),
            ['slug' => $slug],
        );

        $say('Sowing now!')->assertOk()->assertJsonPath('slug', 'sowing-now');
        self::assertSame(
            $shelf->id,
            (int) DB::table('shelf_addresses')->where('slug', 'seed-sowing')->value('shelf_id'),
        );
        $say('pots')->assertStatus(422)->assertSee('Another shelf stands at');
        $say('seed-sowing')->assertOk();
        self::assertSame(['sowing-now'], DB::table('shelf_addresses')->pluck('slug')->all(), 'back where it was');
    }

    public function test_two_at_once_lose_nothing_of_one_another(): void
    {
        $shelf = $this->ruled([['field' => 'buyable']]);
        $rule = static fn (string $field): array => ['join' => 'all', 'parts' => [['field' => $field]]];
        $url = route('shelves.update', [$this->stall, $shelf]);

        $this->patchJson($url, ['rule' => $rule('was'), 'seen' => 0])->assertOk();
        $this->patchJson($url, ['rule' => $rule('printed'), 'seen' => 0])->assertStatus(422)->assertSee('changed meanwhile');
        self::assertSame('was', $shelf->refresh()->rule['parts'][0]['field'] ?? null);
    }

    public function test_what_a_killed_change_left_is_worked_in_by_the_next_or_by_the_minute(): void
    {
        $peas = $this->goods('peas', []);
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['peas']]]);
        DB::table('listings')->where('id', $peas->id)->update(['own_tags' => '["peas"]']);
        DB::table('shelf_waiting')->insert([
            'stall_id' => $this->stall->id,
            'listing_id' => $peas->id,
            'since' => now()->subMinutes(2),
        ]);
        $revision = ShopState::of($this->stall)->revision;

        (new TurnShelves)->handle(app(FillShelves::class));
        self::assertSame([$peas->id], $this->on($shelf));
        self::assertSame(0, DB::table('shelf_waiting')->count());
        self::assertSame($revision + 1, ShopState::of($this->stall)->revision, 'pages that show it are made anew');
    }

    public function test_a_shelf_of_new_goods_empties_by_the_calendar(): void
    {
        $peas = $this->goods('peas', []);
        $shelf = $this->ruled([['field' => 'new', 'to' => '7']]);
        self::assertSame([$peas->id], $this->on($shelf));

        $this->travel(9)->days();
        DB::table('goods_facts')->update(['shown_since' => DB::raw("shown_since - interval '9 days'")]);
        (new TurnShelves)->handle(app(FillShelves::class));
        self::assertSame([], $this->on($shelf));
    }

    public function test_it_names_what_is_amiss_and_proposes_shelves_worth_having(): void
    {
        foreach (['a', 'b', 'c', 'd'] as $id) {
            $this->goods($id, ['peas']);
        }
        foreach (['e', 'f', 'g', 'h'] as $id) {
            $this->goods($id, []);
        }
        $this->ruled([['field' => 'was']], 'Nothing yet');
        $page = $this->page();
        self::assertSame(['Nothing stands on it.'], $page['shelves'][0]['remarks']);
        self::assertSame(8, $page['homeless']);
        self::assertSame(['tag', 'peas', '4 goods are tagged so. None of them stands on a shelf yet.'], [
            $page['proposals'][0]['by'],
            $page['proposals'][0]['named'],
            $page['proposals'][0]['why'],
        ]);

        $this->ruled([['field' => 'tag', 'names' => ['peas']]], 'Peas');
        $this->ruled([['field' => 'tag', 'names' => ['peas']], ['field' => 'buyable']], 'Peas to be had');
        $page = $this->page();
        self::assertSame(['It holds nearly the same as “Peas”.'], array_column($page['shelves'], 'remarks', 'name')['Peas to be had']);
        self::assertSame(4, $page['homeless']);
        self::assertNotContains('peas', array_column($page['proposals'], 'named'));
        $this->getJson(route('shelves.homeless', $this->stall))->assertOk()->assertJsonCount(4);
    }

    public function test_a_tag_is_renamed_everywhere_and_rules_follow_there_and_back(): void
    {
        $peas = $this->goods('peas', ['peas', 'glut']);
        $shelf = $this->ruled([['join' => 'any', 'clauses' => [['field' => 'tag', 'names' => ['peas']]]]]);
        $this->postJson(route('pricing.recipes.store', $this->stall))->assertOk();
        $recipe = $this->stall->recipes()->orderBy('position')->firstOrFail();
        $recipe->update(['conditions' => ['tags' => ['peas']]]);

        $answer = $this->postJson(route('shelves.filing.rename', $this->stall), [
            'kind' => 'tag',
            'from' => 'PEAS',
            'to' => 'garden peas',
        ])->assertOk();
        self::assertSame(['garden peas', 'glut'], $peas->refresh()->own_tags);
        self::assertSame([$peas->id], $this->on($shelf));
        self::assertSame(['peas', 'garden peas'], $recipe->refresh()->conditions['tags'] ?? []);

        app(Undo::class)->take($this->stall, BenchChange::query()->findOrFail((int) $answer->json('change')));
        self::assertSame(['peas', 'glut'], $peas->refresh()->own_tags);
        self::assertSame([$peas->id], $this->on($shelf), 'taken back, it is still there');

        $this->postJson(route('shelves.filing.rename', $this->stall), ['kind' => 'tag', 'from' => 'peas', 'to' => 'glut'])
            ->assertOk();
        self::assertSame(['glut'], $peas->refresh()->own_tags, 'joined with another');
        $this->postJson(route('shelves.filing.rename', $this->stall), ['kind' => 'tag', 'from' => 'peas', 'to' => ''])
            ->assertStatus(422)
            ->assertSee('Nothing has the tag');
    }

    public function test_a_tag_that_many_have_is_renamed_in_the_background_and_once(): void
    {
        $peas = $this->goods('peas', ['peas']);
        DB::insert(<<<'SQL'
            INSERT INTO listings (stall_id, supplier_item_id, agreed_words_id, state, slug, own_tags, created_at)
            SELECT stall_id, supplier_item_id, agreed_words_id, 'put_by', 'many-' || n, own_tags, now()
            FROM listings, generate_series(1, 500) AS n
            WHERE id = ?
            SQL, [$peas->id]);
        Queue::fake();
        $run = $this->postJson(route('shelves.filing.rename', $this->stall), [
            'kind' => 'tag',
            'from' => 'peas',
            'to' => 'beans',
        ])->assertOk()->json('run.id');
        self::assertSame(['peas'], $peas->refresh()->own_tags, 'nobody waits for it');

        foreach ([1, 2] as $twice) {
            app()->call([new RenameMany((int) $run), 'handle']);
        }
        self::assertSame(['beans'], $peas->refresh()->own_tags);
        self::assertSame(501, DB::table('listings')->where('own_tags', '["beans"]')->count());
        self::assertSame(1, BenchChange::query()->where('stall_id', $this->stall->id)->where('words', 'like', 'Tag “peas”%')->count());
    }

    public function test_ten_thousand_tags_are_named_by_the_most_and_can_be_looked_for(): void
    {
        $peas = $this->goods('peas', []);
        DB::table('listings')->where('id', $peas->id)->update([
            'own_tags' => json_encode(array_map(static fn (int $n): string => 'tag-'.$n, range(1, 10_000))),
        ]);
        event(new ListingsChanged($this->stall, [$peas->id]));

        $this->getJson(route('shelves.filing', $this->stall))->assertJsonCount(200, 'names')->assertJsonPath('more', true);
        $this->getJson(route('shelves.filing', [$this->stall, 'q' => 'tag-9999']))->assertJsonCount(1, 'names');
        $this->get(route('shelves', $this->stall))->assertOk();
        self::assertSame([$peas->id], $this->on($this->ruled([['field' => 'tag', 'names' => ['TAG-9999']]])));
    }

    public function test_a_first_text_says_what_the_goods_are(): void
    {
        $this->goods('a', ['x'], cost: 100);
        $this->goods('b', ['x'], cost: 900);
        $shelf = $this->ruled([['field' => 'tag', 'names' => ['x']]], 'Sowing');
        $words = $this->postJson(route('shelves.draft', [$this->stall, $shelf]))->assertOk()->json('words');

        self::assertMatchesRegularExpression('/^Sowing: 2 things\. They cost from £[\d.]+ to £[\d.]+\. With you in .+ days\.$/', $words);
        $empty = $this->ruled([['field' => 'was']]);
        $this->postJson(route('shelves.draft', [$this->stall, $empty]))->assertJsonPath('words', '');
    }

    public function test_another_stalls_goods_are_never_placed(): void
    {
        $shelf = $this->ruled([['field' => 'buyable']]);
        $other = $this->world->inWindow($this->world->stall(), Items::item([Items::variant('a')], id: 'other'));
        $this->stall->refresh();

        $this->place($shelf, [$other->id], 'in')->assertStatus(422)->assertSee('is gone');
        self::assertSame(0, DB::table('shelf_places')->count());
    }

    /** @return array<string, mixed> what the screen of shelves shows */
    private function page(): array
    {
        $page = $this->get(route('shelves', $this->stall))->assertOk()->viewData('page');

        return (array) json_decode((string) json_encode($page['props']['shelves']), true);
    }

    /** @param  list<string>  $tags */
    private function goods(string $id, array $tags, int $cost = 540): Listing
    {
        $listing = $this->world->inWindow(
            $this->stall,
            Items::item([Items::variant('a', $cost)], id: $id, title: 'Item '.$id),
        );

        return $tags === [] ? $listing : $this->world->say($listing, ListingPatch::none()->tags($tags));
    }

    /** @param  list<array<string, mixed>>  $parts */
    private function ruled(array $parts, string $name = 'A shelf'): Shelf
    {
        return app(ChangeShelf::class)->make($this->stall, $name, ['join' => 'all', 'parts' => $parts]);
    }

    /** @return list<int> */
    private function on(Shelf $shelf): array
    {
        $standing = $shelf->refresh()->standing === ShelfOrder::Newest ? null : $shelf->standing;
        $goods = ShelfGoods::on($this->stall, $shelf);
        $ordered = $standing === null
            ? $goods->orderBy('facts.listing_id')
            : ShelfGoods::ordered($goods, $standing, $shelf);

        return array_values(array_map(intval(...), $ordered->pluck('facts.listing_id')->all()));
    }

    /**
     * @param  list<int>  $listings
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function place(Shelf $shelf, array $listings, string $kind): TestResponse
    {
        return $this->postJson(
            route('shelves.place', [$this->stall, $shelf]),
            ['listings' => $listings, 'kind' => $kind],
        );
    }
}
