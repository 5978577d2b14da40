<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Written\DressedGoods;
use WindowStall\Window\Written\WrittenPage;

/** How the pages of goods are laid: for all of them, for those of a type, for a single one; and what their parts say. */
final class GoodsPagesTest extends AppTestCase
{
    private Stall $stall;

    private Listing $twine;

    private Listing $pot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->twine = $this->inWindow('Twine', 'Tying');
        $this->pot = $this->inWindow('Pot', 'Pots');
    }

    public function test_until_a_page_is_published_goods_stand_as_the_program_lays_them(): void
    {
        $html = $this->seen($this->pot);
        self::assertSame(['shots', 'name', 'price', 'buy', 'arrival', 'terms', 'description', 'facts', 'asked'], $this->parts($html));

        $page = $this->dress([], ['price', 'name']);
        self::assertSame($this->parts($html), $this->parts($this->seen($this->pot)), 'nobody sees what isn’t published');
        $this->publish($page)->assertOk();
        self::assertSame(['price', 'name', 'buy'], $this->parts($this->seen($this->pot)), 'what must be there is there');
        $this->publish($page, false)->assertOk();
        self::assertSame($this->parts($html), $this->parts($this->seen($this->pot)));
    }

    public function test_the_nearest_page_counts_its_own_before_that_of_its_type_before_that_of_all(): void
    {
        $this->publish($this->dress([], ['name', 'price', 'facts']));
        $this->publish($this->dress(['goods_type' => 'Pots'], ['name', 'facts', 'price']));
        self::assertSame(['name', 'price', 'buy', 'facts'], $this->parts($this->seen($this->twine)));
        self::assertSame(['name', 'buy', 'facts', 'price'], $this->parts($this->seen($this->pot)));

        $this->publish($this->dress(['goods_listing' => $this->pot->id], ['buy', 'name', 'price']));
        self::assertSame(['buy', 'name', 'price'], $this->parts($this->seen($this->pot)));
        self::assertSame(['name', 'price', 'buy', 'facts'], $this->parts($this->seen($this->twine)));
        $this->deleteJson(route('window.page.destroy', [$this->stall, DressedGoods::pages($this->stall)
            ->where('goods_listing_id', $this->pot->id)
            ->firstOrFail()]))->assertOk();
        self::assertSame(['name', 'buy', 'facts', 'price'], $this->parts($this->seen($this->pot)));
    }

    public function test_a_page_for_some_goods_begins_as_they_are_laid_now_and_there_is_one_for_each(): void
    {
        $this->publish($this->dress([], ['name', 'price', 'facts']));
        $first = $this->make(['goods_type' => 'Pots'])->assertOk()->json('id');
        $page = WrittenPage::dressed($this->stall)->findOrFail((int) $first);
        self::assertSame(['name', 'price', 'buy', 'facts'], array_values(array_diff(array_column($page->sections, 'kind'), ['choices'])));
        self::assertSame($first, $this->make(['goods_type' => 'Pots'])->assertOk()->json('id'));

        $this->make(['goods_type' => 'Hats'])->assertStatus(422)->assertJsonPath('message', 'No listing is of the type “Hats”.');
        $other = $this->world->inWindow($this->world->stall(), Items::item([Items::variant('z')], 'Elsewhere', id: 'z'));
        $this->make(['goods_listing' => $other->id])->assertStatus(422);
    }

    public function test_it_stands_at_no_address_of_its_own_and_in_no_menu_or_sitemap(): void
    {
        $page = $this->dress([], ['name', 'price']);
        $this->publish($page);
        $this->get($this->stall->shopAddress('/pages/'.$page->slug))->assertNotFound();
        self::assertStringNotContainsString($page->slug, (string) $this->get($this->stall->shopAddress('/sitemap.xml'))->getContent());
        self::assertSame(0, WrittenPage::of($this->stall)->count());
    }

    public function test_the_galley_shows_it_with_goods_and_says_why_a_part_stays_away(): void
    {
        $page = $this->dress([], ['name', 'rungs', 'price']);
        $galley = $this->pageProps($this->get(route('window.page', [$this->stall, $page])));
        $notes = array_column($galley['galley']['notes'], 'stays', 'kind');
        self::assertStringContainsString('no multi-buy ladder', $notes['rungs']);
        self::assertNull($notes['name']);
        self::assertContains('shots', array_column($galley['kinds'], 'key'));
        self::assertNotContains('hero', array_column($galley['kinds'], 'key'));
        $this->get($galley['galley']['sheetUrl'])->assertOk()->assertSee('data-place="top"', false)->assertSee('away', false);

        $this->ladder();
        $galley = $this->pageProps($this->get(route('window.page', [$this->stall, $page])));
        self::assertNull(array_column($galley['galley']['notes'], 'stays', 'kind')['rungs'], 'goods with a ladder are shown with it');
    }

    public function test_a_ladder_says_what_each_rung_comes_to_and_claims_only_what_figures_say(): void
    {
        $this->ladder();
        $html = $this->seen($this->pot);
        $rung = static fn (int $pieces, string $of): string => preg_match('#value="'.$pieces.'"[^>]*data-rung.*?</label>#s', $of, $m) === 1
            ? $m[0]
            : '';
        $piece = $this->stall->money((int) $this->pot->refresh()->shown_from_minor);
        $three = $piece->minor * 3 - (int) round($piece->minor * 3 * 0.2);
        self::assertStringContainsString(sprintf('£%d.%02d', intdiv($three, 100), $three % 100), $rung(3, $html));
        self::assertStringContainsString('best value', $rung(3, $html), 'a piece costs least on it');
        self::assertStringNotContainsString('best value', $rung(2, $html));
        self::assertStringNotContainsString('in 10', $html, 'nobody bought yet');

        $variant = $this->pot->variants()->firstOrFail();
        foreach ([1 => 7, 2 => 13] as $pieces => $orders) {
            for ($n = 0; $n < $orders; $n++) {
                $this->world->order($this->stall, $variant, $pieces, Carbon::now());
            }
        }
        $this->world->say($this->pot, ListingPatch::none()->tags(['anew']));
        $html = $this->seen($this->pot);
        self::assertStringContainsString('chosen by 6 in 10', $rung(2, $html), '13 of 20');
        self::assertStringNotContainsString('in 10', $rung(3, $html));
    }

    public function test_a_film_lies_among_the_pictures_where_its_seller_wants_it(): void
    {
        $mp4 = UploadedFile::fake()->createWithContent('film.mp4', "\0\0\0\x18ftypmp42".str_repeat("\0", 40));
        $film = $this->postJson(route('window.films.store', $this->stall), ['film' => $mp4])->assertOk()->json('id');
        $this->pictured($this->pot, [null, null]);
        $order = function (string $comes) use ($film): string {
            $this->publish($this->dressed(['shots' => ['film' => $film, 'comes' => $comes, 'shows' => 'Sowing']]));
            preg_match_all('/class="shot( moving)?"/', $this->seen($this->pot), $m);

            return implode('', array_map(static fn (string $moving): string => $moving === '' ? 'p' : 'f', $m[1]));
        };
        self::assertSame(['fpp', 'pfp', 'ppf'], array_map($order, ['first', 'second', 'last']));
        self::assertStringContainsString('aria-label="Sowing"', $this->seen($this->pot));
        $this->pictured($this->twine, []);
        self::assertStringContainsString('class="shot moving"', $this->seen($this->twine), 'without pictures it stands alone');
    }

    public function test_a_value_stands_beside_its_own_picture_where_it_has_one(): void
    {
        $net = $this->world->inWindow($this->stall, Items::item([
            Items::variant('net-green', colour: 'Green'),
            Items::variant('net-black', colour: 'Black'),
        ], 'Net', id: 'net'));
        $this->pictured($net, ['Green']);
        $this->publish($this->dressed(['choices' => ['beside' => 'pictures']]));
        $html = $this->seen($net);
        self::assertMatchesRegularExpression('#value="Green"[^>]*><span><img#', $html);
        self::assertMatchesRegularExpression('#value="Black"[^>]*><span>\s*<i class="swatch"#', $html);
        $this->publish($this->dressed(['choices' => ['beside' => 'nothing']]));
        self::assertStringNotContainsString('class="swatch"', $this->seen($net));
    }

    public function test_who_makes_it_says_what_is_known_and_what_its_seller_tells(): void
    {
        $this->world->say($this->pot, ListingPatch::none()->cell('maker', 'Wend Pottery'));
        $this->publish($this->dressed(['maker' => []]));
        self::assertStringContainsString('Made by Wend Pottery.', $this->seen($this->pot));
        self::assertStringContainsString('Posted from the United Kingdom.', $this->seen($this->twine));
        $this->publish($this->dressed(['maker' => ['words' => 'Thrown <b>by hand</b>.']]));
        self::assertStringContainsString('Thrown &lt;b&gt;by hand&lt;/b&gt;.', $this->seen($this->twine));
    }

    public function test_sizes_are_shown_in_both_units_and_the_galley_says_what_was_mistyped(): void
    {
        $page = $this->dressed(['sizes' => ['measures' => 'Across', 'rows' => [
            ['size' => 'Small', 'cm' => '10'], ['size' => 'Large', 'cm' => 'wide'],
        ]]]);
        $this->publish($page);
        $html = $this->seen($this->pot);
        self::assertStringContainsString('10 cm <small>3.9 in</small>', $html);
        self::assertStringNotContainsString('Large', $html);
        $galley = $this->pageProps($this->get(route('window.page', [$this->stall, $page])))['galley'];
        self::assertStringContainsString('“wide” is no length', array_column($galley['notes'], 'figure', 'kind')['sizes']);
    }

    public function test_a_rung_is_bought_as_it_is_chosen(): void
    {
        $this->ladder();
        $variant = $this->pot->variants()->firstOrFail();
        $this->post($this->stall->shopAddress('/basket'), [
            'listing' => $this->pot->id, 'variant' => $variant->id, 'quantity' => '3',
        ])->assertRedirect();
        self::assertDatabaseHas('basket_lines', ['listing_variant_id' => $variant->id, 'quantity' => 3]);
    }

    public function test_a_kept_page_knows_by_which_day_goods_are_there_for_the_days_to_come(): void
    {
        Carbon::setTestNow('2026-12-04 10:00:00');
        $html = $this->seen($this->pot);
        preg_match('#data-arrivals>(.*?)</script>#s', $html, $m);
        [$arrival] = json_decode($m[1] ?? '[]', true);
        self::assertSame('2026-12-04', array_key_first($arrival['on']));
        self::assertCount(9, $arrival['on']);
        // Paid on a Friday and posted at once; three to six working days later.
        self::assertSame(['Fri 4 Dec', 'Wed 9 to Mon 14 Dec'], $arrival['on']['2026-12-04'][0]);
        self::assertSame(['Mon 7 Dec', 'Thu 10 to Tue 15 Dec'], $arrival['on']['2026-12-05'][0], 'on Saturday nobody packs');
    }

    public function test_what_is_bought_together_stands_there_once_orders_say_so(): void
    {
        $cane = $this->inWindow('Cane', 'Tying');
        $net = $this->inWindow('Net', 'Tying');
        self::assertStringNotContainsString('Bought together', $this->seen($this->pot));
        $variants = array_map(static fn (Listing $l) => $l->variants()->firstOrFail(), [$this->pot, $cane, $net, $this->twine]);
        for ($n = 0; $n < 24; $n++) {
            $first = $this->world->order($this->stall, $variants[$n % 4 === 0 ? 0 : 3], 1, Carbon::now());
            if ($n % 4 === 0) {
                foreach ([1, 2] as $other) {
                    $this->world->line($this->stall, $first, $variants[$other]);
                }
            }
        }
        $this->world->say($this->pot, ListingPatch::none()->tags(['anew']));
        $html = $this->seen($this->pot);
        self::assertStringContainsString('Bought together', $html);
        self::assertStringContainsString('/goods/'.$cane->slug, $html);
        self::assertStringNotContainsString('/goods/'.$this->twine->slug.'"', $html, 'those were bought by others');

        $basket = function (Listing $put): TestResponse {
            $shopper = new Shopper($this, $this->stall);
            $shopper->put($put->variants()->firstOrFail());

            return $shopper->send('get', '/basket');
        };
        $basket($this->twine)->assertSee('Twine')->assertDontSee('Bought with it by others');
        $basket($this->pot)->assertSee('Bought with it by others')->assertSee('/goods/'.$cane->slug, false);
    }

    public function test_a_shop_of_one_thing_has_its_page_as_the_front_page_and_no_basket(): void
    {
        $this->putJson(route('window.only', $this->stall), ['listing' => $this->pot->id])->assertRedirect();
        $html = (string) $this->get($this->stall->refresh()->shopAddress('/'))->assertOk()->assertSee('Buy it now')->getContent();
        self::assertStringContainsString('data-product', $html);
        self::assertStringNotContainsString('class="basket-link"', $html);
        self::assertStringContainsString('rel="canonical" href="'.$this->stall->shopAddress('/').'"', $html);
        $buy = fn (string $pieces) => $this->post($this->stall->shopAddress('/basket'), [
            'listing' => $this->pot->id,
            'variant' => $this->pot->variants()->firstOrFail()->id,
            'quantity' => $pieces,
            'straight' => '1',
        ]);
        $buy('2')->assertRedirectContains('/checkout');
        $buy('1')->assertRedirectContains('/checkout');
        self::assertSame([1], DB::table('basket_lines')->orderByDesc('id')->limit(1)->pluck('quantity')->all(), 'what was chosen last counts');

        $this->postJson(route('bench.out', $this->stall), ['listings' => [$this->pot->id], 'to' => 'on_bench'])->assertOk();
        $this->get($this->stall->shopAddress('/'))->assertDontSee('data-product', false)->assertSee('basket-link', false);
        $this->putJson(route('window.only', $this->stall), ['listing' => null])->assertRedirect();
        $this->get($this->stall->shopAddress('/'))->assertDontSee('data-product', false)->assertSee('basket-link', false);
        $away = $this->world->listing($this->stall, Items::item([Items::variant('away')], 'Away', id: 'away'));
        $this->putJson(route('window.only', $this->stall), ['listing' => $away->id])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Put it in the window first: the shop sells nothing that isn’t there.');
    }

    private function inWindow(string $title, string $type): Listing
    {
        $listing = $this->world->inWindow($this->stall, Items::item([Items::variant(strtolower($title))], $title, id: strtolower($title)));
        $this->world->say($listing, ListingPatch::none()->words('<p>Good for plots.</p>')->and(ListingPatch::none()->cell('type', $type)));

        return $listing->refresh();
    }

    /** @param  list<string|null>  $shows  for each picture the value that it shows */
    private function pictured(Listing $listing, array $shows): void
    {
        Picture::query()->where('listing_id', $listing->id)->delete();
        $pictures = array_map(fn (?string $value): Picture => Picture::query()->create([
            'stall_id' => $this->stall->id,
            'listing_id' => $listing->id,
            'state' => Picture::READY,
            'path' => 'x/'.$listing->id.'/own',
            'width' => 800,
            'height' => 800,
            'shows' => $value,
        ]), $shows);
        $this->world->say($listing, ListingPatch::none()->pictures(array_column($pictures, 'id')));
    }

    private function ladder(): void
    {
        $this->world->say($this->pot, ListingPatch::none()->ladder([
            ['pieces' => 2, 'kind' => 'percent', 'value' => '10'],
            ['pieces' => 3, 'kind' => 'percent', 'value' => '20'],
        ]));
    }

    /**
     * @param  array<string, mixed>  $of
     * @return TestResponse<Response>
     */
    private function make(array $of): TestResponse
    {
        return $this->postJson(route('window.pages.store', $this->stall), ['kind' => 'goods'] + $of);
    }

    /**
     * @param  array<string, mixed>  $of
     * @param  list<string>  $kinds
     */
    private function dress(array $of, array $kinds): WrittenPage
    {
        return $this->dressed(array_fill_keys($kinds, []), $of);
    }

    /**
     * @param  array<string, array<string, mixed>>  $parts  kind → settings
     * @param  array<string, mixed>  $of
     */
    private function dressed(array $parts, array $of = []): WrittenPage
    {
        $page = WrittenPage::dressed($this->stall)->findOrFail((int) $this->make($of)->assertOk()->json('id'));
        $this->putJson(route('window.page.save', [$this->stall, $page]), [
            'version' => $page->version,
            'sections' => array_map(
                static fn (string $kind, array $settings): array => ['id' => $kind, 'kind' => $kind, 'settings' => $settings],
                array_keys($parts),
                $parts,
            ),
        ])->assertOk();

        return $page->refresh();
    }

    /** @return TestResponse<Response> */
    private function publish(WrittenPage $page, bool $shown = true): TestResponse
    {
        return $this->postJson(route('window.page.publish', [$this->stall, $page]), ['shown' => $shown]);
    }

    private function seen(Listing $listing): string
    {
        return (string) $this->get($this->stall->shopAddress('/goods/'.$listing->slug))->assertOk()->getContent();
    }

    /** @return list<string> which stand there, in their order */
    private function parts(string $html): array
    {
        preg_match_all('/class="sec sec-([a-z-]+) /', $html, $m);
        $around = ['masthead', 'notice', 'foot', 'choices', 'seen-lately', 'together'];

        return array_values(array_diff($m[1], $around));
    }
}
