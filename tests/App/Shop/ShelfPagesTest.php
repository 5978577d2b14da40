<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Source\Variant;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\Synonym;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Shelves as shoppers walk along them: narrowed, sorted and searched, without script. */
final class ShelfPagesTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_facets_count_what_each_leaves_with_the_others_as_they_are(): void
    {
        $this->goods('Trowel', 'Tools', ['Red', 'Blue']);
        $this->goods('Rake', 'Tools', ['Red']);
        $this->goods('Pot', 'Pots', ['Blue']);
        $this->goods('Bowl', 'Pots', ['Green']);

        $page = $this->shop('/goods')->assertOk();
        self::assertSame(
            ['type: Pots 2, Tools 2', 'Colour: Blue 2, Green 1, Red 2'],
            array_slice($this->facets($page), 0, 2),
        );
        $page = $this->shop('/goods?is[]=Colour: Red');
        self::assertSame(['Rake', 'Trowel'], $this->titles($page));
        self::assertSame(
            ['Colour: Blue 2, Green 1, Red 2', 'type: Tools 2'],
            array_slice($this->sorted($this->facets($page)), 0, 2),
            'another colour would come besides, another type instead',
        );
        self::assertSame(['Pot', 'Trowel'], $this->titles($this->shop('/goods?is[]=Colour: Blue')));
        self::assertSame(
            ['Bowl', 'Pot'],
            $this->titles($this->shop('/goods?is[]=Colour: Blue&is[]=Colour: Green&type[]=Pots')),
        );
    }

    public function test_among_so_few_that_one_sees_them_at_a_glance_nothing_need_be_narrowed(): void
    {
        $this->goods('Trowel', 'Tools', ['Red', 'Blue']);
        $this->goods('Pot', 'Pots', ['Blue']);
        self::assertSame([], $this->facets($this->shop('/goods')->assertOk()));
        self::assertSame(['Colour: Blue 2, Red 1'], $this->facets($this->shop('/goods?is[]=Colour: Red')), 'what is taken can be dropped');
        $this->goods('Rake', 'Tools', ['Red']);
        self::assertContains('Colour: Blue 2, Red 2', $this->facets($this->shop('/goods')));
    }

    public function test_options_that_mean_the_same_are_one_thing_to_narrow_by(): void
    {
        $this->goods('Trowel', 'Tools', ['Red', 'GRN-05']);
        $listing = $this->goods('Rake', 'Tools', ['red', 'Green']);
        $this->world->say($listing, ListingPatch::none()->names(['Clr' => ['as' => 'Clr', 'values' => []]]));

        $this->goods('Pot', 'Pots', ['Blue']);

        $page = $this->shop('/goods')->assertOk();
        self::assertContains('Colour: Blue 1, Green 2, Red 2', $this->facets($page));
        self::assertSame(['Rake', 'Trowel'], $this->titles($this->shop('/goods?is[]=Colour: Green')));
    }

    public function test_an_option_in_which_nobody_has_a_choice_is_nothing_to_narrow_by(): void
    {
        $this->goods('Trowel', 'Tools', ['Red']);
        $this->goods('Rake', 'Tools', ['Blue']);

        $this->shop('/goods')->assertOk()->assertDontSee('Colour: Red', false);
    }

    public function test_nothing_found_says_what_to_drop_and_what_that_would_leave(): void
    {
        $this->goods('Trowel', 'Tools', ['Red', 'Blue']);
        $this->goods('Pot', 'Pots', ['Green']);

        $this->shop('/goods?type[]=Pots&is[]=Colour: Red')
            ->assertOk()
            ->assertSee('Nothing here is all of that at once')
            ->assertSee('Without “Pots”:', false)
            ->assertSee('Without “Red”:', false)
            ->assertSee('noindex');
    }

    public function test_a_shelf_is_paged_sorted_and_known_by_one_address(): void
    {
        for ($n = 1; $n <= 26; $n++) {
            $this->goods('Pot '.str_pad((string) $n, 2, '0', STR_PAD_LEFT), 'Pots', ['Red'], 100 + $n * 10);
        }
        $shelf = app(ChangeShelf::class)->make($this->stall, 'Pots', [
            'join' => 'all',
            'parts' => [['field' => 'type', 'names' => ['pots']]],
        ]);
        $first = $this->shop('/shelves/pots')->assertOk()->assertSee('26 things')->assertDontSee('noindex');
        self::assertCount(24, $this->titles($first));
        $first->assertSee('<link rel="canonical" href="'.$this->stall->shopAddress('/shelves/pots').'">', false);
        self::assertFileExists(
            storage_path('pages/'.$this->stall->handle.'.shops.localhost/current/shelves/pots.html'),
            'the next shopper gets it ready',
        );
        $second = $this->shop('/shelves/pots?page=2');
        self::assertCount(2, $this->titles($second));
        $second->assertSee('/shelves/pots?page=2">', false);
        self::assertSame($this->titles($second), $this->titles($this->shop('/shelves/pots?page=9999999999')), 'the last');
        self::assertSame($this->titles($first), $this->titles($this->shop('/shelves/pots?page=-1')));
        $this->shop('/shelves/pots?sort=cheapest')->assertSeeInOrder(['Pot 01', 'Pot 02', 'Pot 03'])->assertSee('noindex');

        app(ChangeShelf::class)->say($this->stall, $shelf, ['slug' => 'clay']);
        $this->shop('/shelves/pots?page=2')->assertStatus(301)->assertRedirect($this->stall->shopAddress('/shelves/clay?page=2'));
        $this->shop('/shelves/nowhere')->assertNotFound()->assertSee('What are you looking for')->assertSee('/shelves/clay', false);
    }

    #[TestWith(['/goods?type[]=from another shelf'])]
    #[TestWith(['/goods?type=text&is=text&from[]=1&sort[]=x&page[]=2'])]
    #[TestWith(['/goods?from=dear&to=-3&within=abc&now=yes'])]
    #[TestWith(['/goods?is[]=:&is[]=: &is[]=%00'])]
    #[TestWith(['/goods?within=99999999999&page=0&sort=hand'])]
    #[TestWith(['/search?q=%25_%5C'])]
    #[TestWith(['/search?q=+++'])]
    #[TestWith(['/search?q[]=x'])]
    #[TestWith(['/search?q=%27%3A%2A%20%26%20%21%7C%28'])]
    #[TestWith(['/search/suggest?q=%27%3A%2A'])]
    public function test_whatever_stands_in_an_address_gets_an_answer(string $path): void
    {
        $this->goods('Trowel', 'Tools', ['Red', 'Blue']);
        $answer = $this->get($this->stall->shopAddress($path));

        self::assertContains($answer->baseResponse->getStatusCode(), [200, 400]);
    }

    public function test_a_search_finds_stems_beginnings_mistyped_words_and_what_means_the_same(): void
    {
        $this->goods('Ash-handled hand trowel', 'Tools', ['Red']);
        $this->goods('Cut-flower snips', 'Tools', ['Red']);
        Synonym::of($this->stall)->create(['word' => 'secateurs', 'means' => 'flower snips']);
        $find = fn (string $q): array => $this->titles($this->shop('/search?q='.urlencode($q)));

        self::assertSame(['Ash-handled hand trowel'], $find('trowels'));
        self::assertSame(['Ash-handled hand trowel'], $find('ash tro'));
        self::assertSame(['Cut-flower snips'], $find('secateurs'));
        Synonym::of($this->stall)->create(['word' => 'garden scissors', 'means' => 'snips']);
        self::assertSame(['Cut-flower snips'], $find('garden scissors'));
        self::assertSame([], $find('garden wheelbarrow'));
        $this->shop('/search?q=trowl')
            ->assertSee('Nothing here is called “trowl”', false)
            ->assertSee('Ash-handled hand trowel');
        $this->shop('/search?q='.str_repeat('spade+', 900))->assertOk();
        $this->getJson($this->stall->shopAddress('/search/suggest?q=snip'))
            ->assertOk()
            ->assertJsonPath('goods.0.words', 'Cut-flower snips');
    }

    public function test_the_seller_sees_what_wasnt_found_with_an_answer_to_it(): void
    {
        $this->goods('Cut-flower snips', 'Tools', ['Red']);
        $this->shop('/search?q=Dibber');
        $this->shop('/search?q=dibber');
        $this->shop('/search?q=snips');
        $this->shop('/search?q=snps');
        $looked = fn (): array => (array) $this->getJson(route('shelves.searches', $this->stall))->assertOk()->json('searches');

        self::assertSame([['dibber', 2], ['snps', 1]], array_map(
            static fn (array $s): array => [$s['words'], $s['times']],
            $looked(),
        ));
        self::assertSame('snips', $looked()[1]['like']);

        $this->postJson(route('shelves.synonyms', $this->stall), ['word' => 'dibber', 'means' => 'snips'])->assertOk();
        self::assertSame(['snps'], array_column($looked(), 'words'), 'it has its answer');
        self::assertSame(['Cut-flower snips'], $this->titles($this->shop('/search?q=dibber')));
        $this->postJson(route('shelves.searches.wave', $this->stall), ['words' => 'snps'])->assertOk();
        self::assertSame([], $looked());
        $this->postJson(route('shelves.synonyms', $this->stall), ['word' => '%_\\', 'means' => 'snips'])->assertStatus(422);
    }

    public function test_searches_are_remembered_up_to_a_number(): void
    {
        DB::insert("INSERT INTO shop_searches (stall_id, words, times, found, last_at)
            SELECT ?, 'w' || n, 1, 0, now() FROM generate_series(1, 5000) AS n", [$this->stall->id]);
        $this->shop('/search?q=one+more');
        $this->shop('/search?q=w7');

        self::assertSame(5_000, DB::table('shop_searches')->count());
        self::assertSame(2, (int) DB::table('shop_searches')->where('words', 'w7')->value('times'));
    }

    public function test_each_of_a_stalls_shelves_stands_on_a_page_of_its_own_with_its_words(): void
    {
        $this->goods('Trowel', 'Tools', ['Red']);
        $shelf = app(ChangeShelf::class)->make($this->stall, '<b>Tools</b>', [
            'join' => 'all',
            'parts' => [['field' => 'buyable']],
        ]);
        app(ChangeShelf::class)->say($this->stall, $shelf, [
            'words' => '<script>alert(1)</script>',
            'search_title' => 'Garden tools',
        ]);

        $this->shop('/shelves')->assertOk()->assertSee('<b>Tools</b>');
        $this->shop($shelf->address())
            ->assertOk()
            ->assertSee('<title>Garden tools', false)
            ->assertDontSee('<script>alert', false)
            ->assertSee('BreadcrumbList');
        Shelf::of($this->stall)->update(['slug' => 'gone']);
        self::assertSame('/shelves/gone', $shelf->refresh()->address());
    }

    public function test_search_engines_are_told_which_pages_there_are_and_which_not_to_read(): void
    {
        $trowel = $this->goods('Trowel', 'Tools', ['Red']);
        app(ChangeShelf::class)->make($this->stall, 'Tools', ['join' => 'all', 'parts' => [['field' => 'buyable']]]);
        app(ChangeShelf::class)->make($this->stall, 'Empty', ['join' => 'all', 'parts' => [['field' => 'was']]]);
        $map = $this->shop('/sitemap.xml')->assertOk()->assertHeader('Content-Type', 'application/xml; charset=utf-8');
        $xml = simplexml_load_string((string) $map->getContent());
        self::assertNotFalse($xml);
        $told = array_map(fn (\SimpleXMLElement $url): string => (string) $url->loc, iterator_to_array($xml->url, false));

        self::assertSame(array_map($this->stall->shopAddress(...), [
            '/', '/goods', '/shelves/tools', '/goods/'.$trowel->slug,
        ]), $told);
        $this->shop('/robots.txt')->assertOk()->assertSee('Disallow: /checkout')->assertSee('/sitemap.xml');
        $this->shop('/sitemap-2.xml')->assertNotFound();
        $this->shop('/sitemap-0.xml')->assertNotFound();
        $this->stall->update(['open' => false]);
        $this->shop('/robots.txt')->assertSee("Disallow: /\n", false);
        $this->shop('/sitemap.xml')->assertStatus(503);
    }

    /** @param  list<string>  $colours */
    private function goods(string $title, string $type, array $colours, int $cost = 540): Listing
    {
        $variants = array_map(
            static fn (string $colour): Variant => Items::variant(mb_strtolower($colour), $cost, colour: $colour),
            $colours,
        );
        $listing = $this->world->inWindow($this->stall, Items::item($variants, title: $title, id: md5($title)));

        return $this->world->say(
            $listing,
            ListingPatch::none()->cell('type', $type)->names(['Clr' => ['as' => 'Colour', 'values' => []]]),
        );
    }

    /** @return TestResponse<Response> */
    private function shop(string $path): TestResponse
    {
        return $this->get($this->stall->shopAddress($path));
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return list<string>
     */
    private function titles(TestResponse $page): array
    {
        preg_match_all('#class="good-title">(.+?)</span>#', (string) $page->getContent(), $found);

        return $this->sorted(array_map(html_entity_decode(...), $found[1]));
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return list<string> "type: Pots 2, Tools 2"
     */
    private function facets(TestResponse $page): array
    {
        preg_match_all('#name="(type|is)\[\]"\s+value="([^"]+)".*?leaves </span>(\d+)#s', (string) $page->getContent(), $found, PREG_SET_ORDER);
        $facets = [];
        foreach ($found as [, $name, $value, $goods]) {
            $parts = explode(': ', $value, 2);
            $facets[$name === 'type' ? 'type' : $parts[0]][$parts[1] ?? $value] = $goods;
        }
        $lines = [];
        foreach ($facets as $name => $values) {
            ksort($values);
            $lines[] = $name.': '.implode(', ', array_map(
                static fn (string $value, string $goods): string => $value.' '.$goods,
                array_keys($values),
                $values,
            ));
        }

        return $lines;
    }

    /**
     * @param  list<string>  $texts
     * @return list<string>
     */
    private function sorted(array $texts): array
    {
        sort($texts);

        return $texts;
    }
}
