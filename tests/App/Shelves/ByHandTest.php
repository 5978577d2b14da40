<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shelves;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Covers;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Shelves that a person fills: what stands where, what stands for the shelf, how many there can be. */
final class ByHandTest extends AppTestCase
{
    private Stall $stall;

    /** @var list<int> */
    private array $goods;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->goods = array_map(
            fn (string $id): int => $this->world->inWindow(
                $this->stall,
                Items::item([Items::variant('a')], id: $id, title: 'Item '.$id),
            )->id,
            ['a', 'b', 'c', 'd'],
        );
    }

    public function test_goods_stand_as_they_were_put_and_as_they_are_moved(): void
    {
        [$a, $b, $c, $d] = $this->goods;
        $shelf = $this->shelf();
        $this->place($shelf, [$c, $a], 'in')->assertJsonPath('count', 2);
        $this->place($shelf, [$b], 'in');
        self::assertSame([$c, $a, $b], $this->on($shelf));

        $this->order($shelf, [$b, $c, $a]);
        self::assertSame([$b, $c, $a], $this->on($shelf));
        $this->order($shelf, [$b, $c, $a]);
        self::assertSame([$b, $c, $a], $this->on($shelf), 'said twice, the same');
        $this->place($shelf, [$d], 'in');
        self::assertSame([$b, $c, $a, $d], $this->on($shelf), 'what comes goes to the end');

        $this->place($shelf, [$a], 'pin');
        self::assertSame([$a, $b, $c, $d], $this->on($shelf));
        $this->place($shelf, [$a], 'in');
        self::assertSame([$b, $c, $d, $a], $this->on($shelf), 'no longer pinned, at the end');
        $this->place($shelf, [$b, $c, $d, $a], '')->assertJsonPath('count', 0);
    }

    public function test_pins_stand_in_the_order_they_were_pinned_and_moved(): void
    {
        [$a, $b, $c, $d] = $this->goods;
        $shelf = app(ChangeShelf::class)->make($this->stall, 'All', ['join' => 'all', 'parts' => [['field' => 'buyable']]]);
        $this->place($shelf, [$d], 'pin');
        $this->place($shelf, [$b], 'pin');
        self::assertSame([$d, $b], array_slice($this->on($shelf), 0, 2));
        $this->order($shelf, [$b, $d, $a, $c]);
        self::assertSame([$b, $d, $a, $c], $this->on($shelf));
    }

    public function test_sold_out_goods_stand_last_even_pinned(): void
    {
        [$a, $b] = $this->goods;
        $shelf = $this->shelf();
        $this->place($shelf, [$a, $b], 'in');
        $this->place($shelf, [$a], 'pin');
        $this->world->pull($this->stall, Items::item([Items::variant('a', stock: 0)], id: 'a', title: 'Item a'));

        self::assertSame([$b, $a], $this->on($shelf));
    }

    public function test_what_left_the_window_leaves_and_comes_back_to_its_place(): void
    {
        [$a, $b, $c] = $this->goods;
        $shelf = $this->shelf();
        $this->place($shelf, [$a, $b, $c], 'in');
        $put = app(PutInWindow::class);
        $put->takeOut($this->stall, Listing::query()->whereKey($b)->get(), ListingState::PutBy);
        self::assertSame([$a, $c], $this->on($shelf));
        $why = $this->getJson(route('shelves.why', [$this->stall, $shelf, 'q' => 'Item b']))->json('0.because');
        self::assertSame('It is put by; shelves hold what is in the window.', $why);

        $put($this->stall, Listing::query()->whereKey($b)->get());
        self::assertSame([$a, $b, $c], $this->on($shelf));
    }

    public function test_reasons_by_hand_are_said(): void
    {
        [$a, $b, $c, $d] = $this->goods;
        $shelf = $this->shelf();
        $this->place($shelf, [$a], 'in');
        $this->place($shelf, [$b], 'pin');
        $this->place($shelf, [$c], 'out');
        $why = $this->getJson(route('shelves.why', [$this->stall, $shelf, 'q' => 'Item']))->json();

        self::assertSame(
            [
                'Item a' => 'You put it there.',
                'Item b' => 'You pinned it to the top.',
                'Item c' => 'You keep it off, whatever the rule says.',
                'Item d' => 'This shelf is filled by hand, and nobody has put it there.',
            ],
            array_column($why, 'because', 'title'),
        );
        self::assertSame([true, true, false, false], array_column($why, 'on'));
        self::assertSame([[], [], [], []], array_column($why, 'reasons'));
    }

    public function test_no_two_shelves_lead_with_one_picture_where_their_goods_allow_it(): void
    {
        [$a, $b] = $this->goods;
        [$one, $two, $three] = [$this->shelf(), $this->shelf('Two'), $this->shelf('Three')];
        foreach ([$one, $two, $three] as $shelf) {
            $this->place($shelf, [$a, $b], 'in');
        }
        $covers = fn (): array => array_map(static fn (Picture $p): int => $p->listing_id ?? 0, Covers::of($this->stall));
        self::assertSame([$one->id => $a, $two->id => $b, $three->id => $a], $covers(), 'the third has no other');
        $this->say($two, ['cover_id' => $a])->assertOk();
        self::assertSame([$b, $a], [$covers()[$one->id], $covers()[$two->id]], 'what was chosen stands');
    }

    public function test_the_chosen_cover_stands_for_it_as_long_as_it_can(): void
    {
        [$a, $b] = $this->goods;
        $shelf = $this->shelf();
        $this->place($shelf, [$a, $b], 'in');
        $cover = fn (): ?int => (Covers::of($this->stall)[$shelf->id] ?? null)?->listing_id;
        DB::table('goods_facts')->where('listing_id', $b)->update(['shown_since' => now()->addDay()]);
        self::assertSame($a, $cover(), 'the first as they were put, though another is newer');
        $this->say($shelf, ['cover_id' => $b])->assertOk();
        self::assertSame($b, $cover());

        Picture::query()->where('listing_id', $b)->update(['state' => 'failed']);
        self::assertSame($a, $cover(), 'a cover whose picture is lost is passed over');
        Picture::query()->update(['state' => 'failed']);
        self::assertNull($cover());
        $this->say($shelf, ['cover_id' => PHP_INT_MAX])->assertUnprocessable();
    }

    public function test_names_make_addresses_that_nobody_else_has_or_had(): void
    {
        $slugs = array_map(
            fn (string $name): string => app(ChangeShelf::class)->make($this->stall, $name, null)->slug,
            ['Early peas', 'Early  Peas!', '…', 'Ärger & Öl', str_repeat('long ', 16)],
        );
        self::assertSame(['early-peas', 'early-peas-2', 'shelf', 'arger-ol'], array_slice($slugs, 0, 4));
        self::assertLessThanOrEqual(60, strlen($slugs[4]));

        $first = Shelf::of($this->stall)->where('slug', 'early-peas')->firstOrFail();
        $this->say($first, ['slug' => 'peas'])->assertOk();
        self::assertSame('early-peas-3', app(ChangeShelf::class)->make($this->stall, 'Early peas', null)->slug);
        $this->get($this->stall->shopAddress('/shelves/early-peas'))->assertRedirect('/shelves/peas');
    }

    public function test_a_shelf_says_what_it_cant_take(): void
    {
        $shelf = $this->shelf();
        foreach (
            [
                ['name' => ''], ['name' => str_repeat('x', 81)], ['slug' => '—'], ['standing' => 'by moonlight'],
                ['rule' => ['join' => 'all', 'parts' => [['field' => 'colour of the sky']]]],
                ['rule' => ['join' => 'all', 'parts' => [['field' => 'price', 'from' => 'cheap']]]],
                ['words' => str_repeat('x', 2001)],
            ] as $said
        ) {
            $message = $this->say($shelf, $said)->assertUnprocessable()->json('message');
            self::assertMatchesRegularExpression('/\w.*[.?]$/u', (string) $message, json_encode($said) ?: '');
        }
        self::assertSame(0, $shelf->refresh()->version);
    }

    public function test_there_is_an_end_to_shelves_and_to_goods_placed_by_hand(): void
    {
        DB::insert(<<<'SQL'
            INSERT INTO shelves (stall_id, name, slug, ruled, standing, created_at, updated_at)
            SELECT ?, 'S' || n, 's-' || n, false, 'hand', now(), now()
            FROM generate_series(1, 200) AS n
            SQL, [$this->stall->id]);
        $this->postJson(route('shelves.store', $this->stall), ['name' => 'One more', 'rule' => null])
            ->assertUnprocessable()
            ->assertSee('up to 200 shelves');

        $shelf = Shelf::of($this->stall)->firstOrFail();
        $many = array_fill(0, 2_001, $this->goods[0]);
        $this->place($shelf, $many, 'in')->assertUnprocessable();
        $this->place($shelf, [$this->goods[0], $this->goods[0]], 'in')->assertOk()->assertJsonPath('count', 1);
        $this->place($shelf, [$this->goods[0]], 'sideways')->assertUnprocessable();
    }

    public function test_a_shelf_taken_away_leaves_nothing_behind(): void
    {
        $shelf = $this->shelf();
        $this->place($shelf, $this->goods, 'in');
        $this->say($shelf, ['slug' => 'elsewhere'])->assertOk();
        $this->deleteJson(route('shelves.destroy', [$this->stall, $shelf]))->assertOk();

        foreach (['shelves', 'shelf_goods', 'shelf_places', 'shelf_addresses'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        $this->get($this->stall->shopAddress('/shelves/elsewhere'))->assertNotFound();
        self::assertSame(4, ShelfGoods::all($this->stall)->count(), 'its goods are where they were');
    }

    public function test_deleted_goods_are_not_placed_and_merging_words_stays_as_it_was(): void
    {
        [$a, $b] = $this->goods;
        $shelf = $this->shelf();
        $this->postJson(route('bench.delete', $this->stall), ['listings' => [$a]])->assertOk();
        $this->place($shelf, [$a, $b], 'in')->assertUnprocessable()->assertSee('is gone');
        self::assertSame([], $this->on($shelf), 'all of it or nothing');
        $this->world->say(Listing::query()->findOrFail($b), ListingPatch::none()->title('Item b, new'));
        $this->place($shelf, [$b], 'in')->assertJsonPath('goods.0.title', 'Item b, new');
    }

    private function shelf(string $name = 'By hand'): Shelf
    {
        return app(ChangeShelf::class)->make($this->stall, $name, null);
    }

    /** @return list<int> */
    private function on(Shelf $shelf): array
    {
        $shelf->refresh();
        $ordered = ShelfGoods::ordered(ShelfGoods::on($this->stall, $shelf), $shelf->standing, $shelf);
        self::assertContains($shelf->standing, [ShelfOrder::Hand, ShelfOrder::Newest]);

        return array_values(array_map(intval(...), $ordered->pluck('facts.listing_id')->all()));
    }

    /**
     * @param  list<int>  $listings
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function place(Shelf $shelf, array $listings, string $kind): TestResponse
    {
        return $this->postJson(route('shelves.place', [$this->stall, $shelf]), ['listings' => $listings, 'kind' => $kind]);
    }

    /** @param  list<int>  $listings */
    private function order(Shelf $shelf, array $listings): void
    {
        $this->postJson(route('shelves.order', [$this->stall, $shelf]), ['listings' => $listings])->assertOk();
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function say(Shelf $shelf, array $said): TestResponse
    {
        return $this->patchJson(route('shelves.update', [$this->stall, $shelf]), $said);
    }
}
