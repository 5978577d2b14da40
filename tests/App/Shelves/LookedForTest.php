<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shelves;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\SearchGoods;
use WindowStall\Shelves\Synonym;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** What shoppers look for: what is found, in which order, and what the seller is asked about. */
final class LookedForTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    /** @return array<string, array{string, list<string>}> what is typed, and what is found */
    public static function typed(): array
    {
        return [
            'its word' => ['trowel', ['Ash trowel']],
            'its stem' => ['trowels', ['Ash trowel']],
            'half of it' => ['trow', ['Ash trowel']],
            'in capitals' => ['TROWEL', ['Ash trowel']],
            'with marks' => ['"trowel", (ash)!', ['Ash trowel']],
            'both words, the other way round' => ['trowel ash', ['Ash trowel']],
            'a word it hasn’t' => ['trowel brass', []],
            'its type' => ['tools', ['Ash trowel', 'Rake']],
            'a tag' => ['sowing', ['Seed tray']],
            'a value of an option' => ['copper', ['Seed tray']],
            'a word of its description' => ['propagator', ['Seed tray']],
            'nothing but signs' => ['%_\\ &|!():*', []],
            'an operator is a word' => ['trowel & !ash', ['Ash trowel']],
            'an empty pair of marks' => ['""', []],
            'a zero byte' => ["trow\0el", []],
            'accents as they are' => ['éclair', []],
        ];
    }

    /** @param  list<string>  $found */
    #[DataProvider('typed')]
    public function test_what_is_typed_finds(string $typed, array $found): void
    {
        $this->good('Ash trowel', 'Tools');
        $this->good('Rake', 'Tools');
        $this->good('Seed tray', 'Pots', ['sowing'], 'Copper', '<p>For the propagator</p>');

        $titles = $this->found($typed);
        sort($titles);
        self::assertSame($found, $titles);
    }

    public function test_what_is_called_so_stands_before_what_is_only_described_so(): void
    {
        $this->good('Bench mat', 'Mats', [], 'Steel', '<p>Goes under a trowel, beside a trowel.</p>');
        $this->good('Trowel', 'Tools');
        $gone = $this->good('Trowel, small', 'Tools');
        $this->world->pull($this->stall, Items::item([Items::variant('a', stock: 0)], id: $gone, title: $gone));

        self::assertSame(['Trowel', 'Bench mat', 'Trowel, small'], $this->found('trowel'), 'what can be bought first');
    }

    public function test_words_that_mean_the_same_do_so_both_ways(): void
    {
        $this->good('Cut-flower snips', 'Tools');
        $this->good('Scissors', 'Paper');
        $this->same('scissors', 'snips')->assertOk();
        self::assertEqualsCanonicalizing(['Cut-flower snips', 'Scissors'], $this->found('scissors'));
        self::assertEqualsCanonicalizing(['Cut-flower snips', 'Scissors'], $this->found('snips'));
        self::assertSame(['Cut-flower snips'], $this->found('flower scissors'), 'beside other words too');

        $this->same('Scissors!', 'SNIPS')->assertOk();
        self::assertSame(1, Synonym::of($this->stall)->count(), 'said twice, kept once');
        $pair = Synonym::of($this->stall)->firstOrFail();
        $this->deleteJson(route('shelves.synonyms.forget', [$this->stall, $pair]))->assertOk();
        self::assertSame(['Scissors'], $this->found('scissors'));
    }

    public function test_pairs_that_say_nothing_are_refused(): void
    {
        $this->same('snips', 'Snips')->assertUnprocessable()->assertSee('the same already');
        $this->same('  ', 'snips')->assertUnprocessable();
        $this->same('…', 'snips')->assertUnprocessable()->assertSee('is no word');
        DB::insert(
            "INSERT INTO synonyms (stall_id, word, means) SELECT ?, 'w' || n, 'm' || n FROM generate_series(1, 500) AS n",
            [$this->stall->id],
        );
        $this->same('one', 'more')->assertUnprocessable()->assertSee('up to 500 pairs');
    }

    public function test_a_mistyped_word_is_put_right_and_a_known_one_left(): void
    {
        $this->good('Long-reach watering can', 'Watering');
        $search = new SearchGoods($this->stall);
        $put = static fn (string $typed): ?string => $search->corrected(SearchWords::of($typed))?->text();

        self::assertSame('watering', $put('wattering'));
        self::assertSame('watering can', $put('watring can'));
        self::assertNull($put('watering'));
        self::assertNull($put('water'), 'half typed isn’t mistyped');
        self::assertNull($put('zeppelin'), 'nothing is like it');
        self::assertNull($put('%%%'));
    }

    public function test_the_seller_is_shown_only_what_is_still_not_found(): void
    {
        foreach (['dibber', 'dibber', 'rake', 'Rake ', 'hose', 'dibber'] as $words) {
            $this->get($this->stall->shopAddress('/search?q='.rawurlencode($words)))->assertOk();
        }
        self::assertSame(['dibber' => 3, 'rake' => 2, 'hose' => 1], $this->open());

        $this->good('Rake', 'Tools');
        self::assertSame(['dibber' => 3, 'hose' => 1], $this->open(), 'what came since is found');
        $this->postJson(route('shelves.searches.wave', $this->stall), ['words' => 'hose'])->assertOk();
        self::assertSame(['dibber' => 3], $this->open());
        $this->get($this->stall->shopAddress('/search?q=hose'));
        self::assertSame(['dibber' => 3], $this->open(), 'waved away, it isn’t asked about again');
    }

    public function test_an_answer_is_proposed_to_what_wasnt_found(): void
    {
        $this->good('Rake', 'Tools');
        $shelf = app(ChangeShelf::class)->make($this->stall, 'Bird feeding', null);
        $this->world->pull($this->stall, Items::item([Items::variant('a')], id: 'H-9', title: 'Hosepipe reel'));
        foreach (['bird food', 'hosepipe', 'raake'] as $words) {
            $this->get($this->stall->shopAddress('/search?q='.rawurlencode($words)))->assertOk();
        }
        $open = array_column(
            (array) $this->getJson(route('shelves.searches', $this->stall))->json('searches'),
            null,
            'words',
        );

        self::assertSame([$shelf->id, 'Bird feeding'], [$open['bird food']['shelfId'], $open['bird food']['shelf']]);
        self::assertSame(1, $open['hosepipe']['items'], 'a supplier has it');
        self::assertSame('rake', $open['raake']['like'] ?? null);
    }

    public function test_what_no_person_would_type_isnt_noted(): void
    {
        foreach ([str_repeat('x', 5_000), '   ', '%_\\', ''] as $words) {
            $this->get($this->stall->shopAddress('/search?q='.rawurlencode($words)))->assertOk();
        }
        self::assertSame([], array_diff(array_map(strlen(...), array_keys($this->open())), range(1, 80)));
        self::assertLessThanOrEqual(1, count($this->open()));
    }

    public function test_another_stalls_searches_and_pairs_are_its_own(): void
    {
        $this->get($this->stall->shopAddress('/search?q=dibber'));
        $this->same('scissors', 'snips');
        $other = $this->world->stall();
        self::assertSame([], (array) $this->getJson(route('shelves.searches', $other))->json('searches'));
        $pair = Synonym::of($this->stall)->firstOrFail();
        $this->deleteJson(route('shelves.synonyms.forget', [$other, $pair]))->assertNotFound();
        self::assertSame(1, Synonym::of($this->stall)->count());
    }

    /**
     * @param  list<string>  $tags
     * @return string its number at the supplier, and its title there
     */
    private function good(string $title, string $type, array $tags = [], string $value = 'Steel', string $words = ''): string
    {
        $id = 'N '.preg_replace('/\W/', '', $title);
        $listing = $this->world->inWindow($this->stall, Items::item(
            [Items::variant('a', colour: $value)],
            title: $id,
            description: '<p>Dear friend</p>',
            id: $id,
        ));
        $this->world->say($listing, ListingPatch::none()->title($title)->and(
            ListingPatch::none()->cell('type', $type),
            ListingPatch::none()->tags($tags),
            $words === '' ? ListingPatch::none() : ListingPatch::none()->words($words),
        ));

        return $id;
    }

    /** @return list<string> titles, as they stand */
    private function found(string $typed): array
    {
        $found = (new SearchGoods($this->stall))->called(SearchWords::of($typed))->pluck('facts.title');

        return array_values(array_map(strval(...), $found->all()));
    }

    /** @return array<string, int> words → times */
    private function open(): array
    {
        $searches = (array) $this->getJson(route('shelves.searches', $this->stall))->assertOk()->json('searches');

        return array_column($searches, 'times', 'words');
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function same(string $word, string $means): TestResponse
    {
        return $this->postJson(route('shelves.synonyms', $this->stall), ['word' => $word, 'means' => $means]);
    }
}
