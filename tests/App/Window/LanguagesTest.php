<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Counter\Mail\LetterAnswered;
use WindowStall\Pricing\PriceListings;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\GoodsFacts;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Stall\Words\Phrases;
use WindowStall\Support\Speech\Speech;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Window\Languages\DraftPhrases;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Policies\PublishPolicy;

/** A shop speaks several languages, and the seller's words are said in them as far as somebody said them. */
final class LanguagesTest extends AppTestCase
{
    private Stall $stall;

    private Listing $trowel;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        DB::table('exchange_rates')->updateOrInsert(
            ['stall_id' => $this->stall->id, 'from' => 'EUR'],
            ['rate' => '0.8', 'cushion_bp' => 0, 'day' => '2026-12-07'],
        );
        $this->world->market($this->stall, 'IE', 410, ['currency' => 'EUR', 'tax_bp' => 2_300]);
        $this->trowel = $this->world->inWindow($this->stall);
        $this->postJson(route('delivery.places.store', $this->stall), [
            'covers' => [['country' => 'IE']],
            'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.95']]],
        ])->assertOk();
        app(PriceListings::class)($this->stall->refresh());
        app(GoodsFacts::class)($this->stall, null);
        app(ChangeLanguages::class)($this->stall, 'GB', ['en', 'de']);
        app(ChangeLanguages::class)($this->stall, 'IE', ['de', 'en']);
    }

    public function test_pages_stand_in_each_language_at_an_address_of_their_own(): void
    {
        $title = $this->trowel->shown_title;
        $this->said('titles', [$title => 'Pflanzkelle']);
        $path = '/goods/'.$this->trowel->slug;

        $home = $this->page($path)->assertOk()->assertSee('Put in basket')->assertSee($title)->assertSee('<html lang="en"', false);
        foreach (['en-GB' => $path, 'de-GB' => '/gb-de'.$path, 'de-IE' => '/ie'.$path, 'en-IE' => '/ie-en'.$path] as $lang => $at) {
            $home->assertSee('hreflang="'.$lang.'" href="'.$this->stall->shopAddress($at).'"', false);
        }
        $this->page('/gb-de'.$path)->assertOk()->assertSee('In den Korb')->assertSee('Pflanzkelle')->assertDontSee($title)
            ->assertSee('<html lang="de"', false)->assertSee('name="language" value="de"', false);
        $this->page('/ie'.$path)->assertSee('In den Korb')->assertSee('href="/ie/goods"', false);
        $this->page('/ie-en'.$path)->assertSee('Put in basket')->assertSee('href="/ie-en/goods"', false);
        // What a market speaks first needs no saying; what it doesn't speak isn't there.
        $this->page('/ie-de'.$path)->assertRedirect($this->stall->shopAddress('/ie'.$path));
        $this->page('/gb'.$path)->assertRedirect($this->stall->shopAddress($path));
        $this->page('/ie-fr'.$path)->assertNotFound();
        $this->page('/sitemap.xml')->assertOk();
        $this->page('/robots.txt')->assertSee('/gb-de/sitemap.xml')->assertSee('/ie-en/sitemap.xml');
    }

    public function test_a_ready_page_is_made_anew_when_its_words_are_said(): void
    {
        $path = '/gb-de/goods/'.$this->trowel->slug;
        $this->page($path)->assertSee($this->trowel->shown_title);
        $this->said('titles', [$this->trowel->shown_title => 'Pflanzkelle']);
        $this->page($path)->assertSee('Pflanzkelle');
        $this->world->say($this->trowel, ListingPatch::none()->title('Dibber'));

        // Worded anew, it isn't said any more.
        $this->page($path)->assertSee('Dibber')->assertDontSee('Pflanzkelle');
    }

    public function test_goods_are_found_by_what_they_are_called_in_the_language_that_is_read(): void
    {
        $this->said('titles', [$this->trowel->shown_title => 'Kleine Pflanzkelle']);
        foreach (['pflanzkellen', 'pflanz', 'trowel'] as $typed) {
            $this->page('/gb-de/search?q='.$typed)->assertSee('Kleine Pflanzkelle')->assertSee('1 Artikel');
        }
        $this->page('/search?q=pflanzkelle')->assertDontSee($this->trowel->shown_title);
        $this->page('/gb-de/search?q=spaten')->assertSee('Nichts hier heißt so.');
        $found = $this->page('/gb-de/search/suggest?q=pflanz')->json('goods');
        self::assertSame('Kleine Pflanzkelle', $found[0]['words']);
    }

    public function test_basket_checkout_and_order_follow_the_language_of_the_page(): void
    {
        $this->said('titles', [$this->trowel->shown_title => 'Pflanzkelle']);
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->trowel->variants()->firstOrFail(), 1, ['language' => 'de']);
        $shopper->send('get', '/basket')->assertSee('Korb')->assertSee('Pflanzkelle')->assertSee('Zur Kasse')->assertDontSee('basket.');
        $shopper->send('get', '/checkout')->assertSee('Wohin?')->assertSee('Straße und Hausnummer');
        $shopper->send('post', '/checkout', ['postcode' => 'nowhere', 'country' => 'GB'])
            ->assertStatus(422)
            ->assertSee('Das ist keine Postleitzahl von dort: Vereinigtes Königreich.')
            ->assertSee('Wessen Name steht auf dem Paket?');

        $shopper->checkOut();
        $order = $shopper->order();
        self::assertSame('de', $order->language);
        self::assertSame($this->trowel->shown_title, $order->lines[0]?->title, 'its seller reads it as they wrote it');
        // Whoever opens it, without a cookie, reads what its shopper reads.
        $this->page('/orders/'.$order->token)->assertSee('Pflanzkelle')->assertSee('<html lang="de"', false);
        self::assertSame('en', Speech::language());
    }

    public function test_what_stands_in_the_way_of_a_payment_is_read_by_each_in_their_language(): void
    {
        $shopper = new Shopper($this, $this->stall);
        $shopper->put($this->trowel->variants()->firstOrFail(), 1, ['language' => 'de']);
        $shopper->checkOut();
        $order = $shopper->order();
        $order->update(['payment_trouble' => 'declined_card']);

        $this->page('/orders/'.$order->token)->assertSee('Die Karte wurde abgelehnt. Es wurde nichts abgebucht.');
        self::assertSame('The card was declined. Nothing was charged.', $order->refresh()->trouble());
    }

    public function test_policies_are_worded_in_each_language_with_what_it_costs_there(): void
    {
        Particulars::of($this->stall)->fill([
            'trader' => 'Ada Marl', 'street' => '4 Dyke Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 2QT',
            'email' => 'hello@quillet.example', 'besides' => ['delivery' => 'The shed is closed on Sundays.'],
        ])->save();
        $version = app(PublishPolicy::class)($this->stall, PolicyKind::Delivery, null);
        $this->said('policies', ['The shed is closed on Sundays.' => 'Sonntags ist der Schuppen zu.']);

        self::assertSame(['GB de', 'IE de', 'IE en'], array_keys(array_replace(['GB de' => 0, 'IE de' => 0, 'IE en' => 0], $version->words_there)));
        $this->page('/policies/delivery')->assertSee('£2.95 an order')->assertSee('The shed is closed');
        $this->page('/gb-de/policies/delivery')->assertSee('2,95')->assertSee('je Bestellung')->assertSee('Sonntags ist der Schuppen zu.');
        $this->page('/ie-en/policies/delivery')->assertSee('€')->assertDontSee('£2.95');
        // Where another language is spoken since, it says so to its seller, and is published anew.
        app(ChangeLanguages::class)($this->stall, 'GB', ['en', 'de', 'fr']);
        $stale = static fn (self $test): array => $test->props('window.pages', 'papers')['policies']['policies'][0]['stale'];
        self::assertSame(['United Kingdom, in French'], $stale($this));
        self::assertSame(2, app(PublishPolicy::class)($this->stall, PolicyKind::Delivery, null)->number);
        self::assertSame([], $stale($this));
        self::assertCount(2, PolicyVersion::of($this->stall)->get());
    }

    public function test_what_is_missing_is_listed_by_where_shoppers_meet_it(): void
    {
        app(ChangeShelf::class)->make($this->stall, 'Presents', null);
        $view = $this->props('window.languages', 'languages');
        $rooms = array_column($view['spoken'][0]['rooms'], 'missing', 'room');

        self::assertSame('de', $view['spoken'][0]['language']);
        self::assertSame(1, $rooms['titles']);
        self::assertSame(1, $rooms['shelves']);
        self::assertSame($view['spoken'][0]['missing'], array_sum($rooms));

        $phrases = $this->ask('GET', 'window.phrases', ['de', 'titles'])['phrases'];
        self::assertSame([$this->trowel->shown_title, '', false], [$phrases[0]['phrase'], $phrases[0]['said'], $phrases[0]['drafted']]);
        self::assertSame($this->stall->shopAddress('/gb-de/goods/'.$this->trowel->slug), $phrases[0]['address']);
    }

    /** Codes, measures and addresses are the same everywhere. */
    public function test_what_are_words_to_say(): void
    {
        foreach (['XXL', '12 × 30 cm', '4.5 l', 'a@b.example', 'https://b.example/a', 'SLT-13', '4'] as $phrase) {
            self::assertFalse(Phrases::isWords($phrase), $phrase);
        }
        foreach (['4.5 litres', 'Red', 'Größe', 'a@b.example or ring'] as $phrase) {
            self::assertTrue(Phrases::isWords($phrase), $phrase);
            self::assertTrue(DB::scalar("SELECT ?::text ~ '[[:alpha:]]{2}' AND ?::text !~ ?", [$phrase, $phrase, Phrases::SAME]), $phrase);
        }
    }

    public function test_words_are_taken_only_for_what_shoppers_meet_there(): void
    {
        $this->ask('PUT', 'window.phrases.say', ['de', 'titles'], ['words' => [['phrase' => 'Anything', 'said' => 'Irgendwas']]], 422);
        $this->ask('PUT', 'window.phrases.say', ['fr', 'titles'], [
            'words' => [['phrase' => $this->trowel->shown_title, 'said' => 'Truelle']],
        ], 404);
        self::assertSame(0, DB::table('phrases')->count());
    }

    public function test_said_html_is_cleaned_and_taken_back_by_saying_nothing(): void
    {
        $this->world->say($this->trowel, ListingPatch::none()->words('<p>A good trowel.</p>'));
        $this->said('descriptions', ['<p>A good trowel.</p>' => '<p onclick="x()">Eine gute Kelle.</p><script>x()</script>']);
        $path = '/gb-de/goods/'.$this->trowel->slug;
        $this->page($path)->assertSee('<p>Eine gute Kelle.</p>', false)->assertDontSee('onclick');
        $this->said('descriptions', ['<p>A good trowel.</p>' => '']);
        $this->page($path)->assertSee('A good trowel.');
        self::assertSame(0, DB::table('phrases')->count());
    }

    public function test_a_draft_is_read_by_nobody_until_it_is_right(): void
    {
        $title = $this->trowel->shown_title;
        $answer = static fn (array $said) => Http::response(['choices' => [['message' => ['content' => json_encode(['said' => $said])]]]]);
        Http::fake([config('stall.writer.address').'/*' => Http::sequence([$answer(['Kelle Nr. 7']), $answer(['Kelle']), $answer([''])])]);

        $draft = fn (int $status): array => $this->ask('POST', 'window.phrases.draft', ['de', 'titles'], ['phrases' => [$title]], $status);
        // A number that nobody gave isn't taken.
        $draft(422);
        self::assertSame(1, $draft(200)['drafted']);
        $path = '/gb-de/goods/'.$this->trowel->slug;
        $this->page($path)->assertSee($title);
        $this->said('titles', [$title => 'Kelle']);
        $this->page($path)->assertSee('Kelle')->assertDontSee($title);
        $draft(422);
    }

    public function test_a_draft_says_the_same_figures_tags_and_addresses(): void
    {
        foreach ([
            ['4.5 litres', '4,5 Liter', true],
            ['4.5 litres', '45 Liter', false],
            ['<p>Red</p>', '<p>Rot</p>', true],
            ['<p>Red</p>', 'Rot', false],
            ['Write to a@b.example', 'Schreiben Sie an a@b.example', true],
            ['Write to a@b.example', 'Schreiben Sie an c@b.example', false],
            ['Red', str_repeat('rot ', 30), false],
        ] as [$phrase, $said, $fits]) {
            self::assertSame($fits, DraftPhrases::fits($phrase, $said), $said);
        }
    }

    public function test_a_letter_is_answered_in_the_language_it_was_written_in(): void
    {
        $said = Speech::in('de', static fn (): string => (string) (new LetterAnswered('Quillet', 'Lena', 'Gern.', null))->envelope()->subject);

        self::assertSame('Quillet antwortet Ihnen', $said);
    }

    /** @return array<string, mixed> */
    private function props(string $route, string $prop): array
    {
        $props = $this->pageProps($this->get(route($route, $this->stall))->assertOk())[$prop];

        return (array) json_decode((string) json_encode($props), true);
    }

    /**
     * @param  list<string>  $at
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function ask(string $verb, string $route, array $at, array $with = [], int $status = 200): array
    {
        $answer = $this->wantingJson()->json($verb, route($route, [$this->stall, ...$at]), $with)->assertStatus($status);

        return (array) $answer->json();
    }

    /** @param  array<string, string>  $words */
    private function said(string $room, array $words): void
    {
        $this->ask('PUT', 'window.phrases.say', ['de', $room], ['words' => array_map(
            static fn (string $phrase, string $said): array => ['phrase' => $phrase, 'said' => $said],
            array_keys($words),
            $words,
        )]);
    }

    /** @return TestResponse<Response> */
    private function page(string $path): TestResponse
    {
        return $this->get($this->stall->shopAddress($path));
    }
}
