<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Mail\LetterAnswered;
use WindowStall\Counter\Mail\LetterCame;
use WindowStall\Counter\Order;
use WindowStall\Shop\LetterSeal;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Jobs\TurnWindows;
use WindowStall\Window\PicturesUsed;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/** Pages the seller writes, policies with their versions, and letters from shoppers. */
final class PapersTest extends AppTestCase
{
    private const WHO = [
        'trader' => 'Ada Marl',
        'street' => '4 Dyke Lane',
        'town' => 'Aldermere',
        'postcode' => 'AL4 2QT',
        'email' => 'hello@quillet.example',
        'return_days' => 30,
        'return_by' => 'shopper',
        'keep_years' => 6,
    ];

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_a_policy_with_a_blank_is_never_published(): void
    {
        $this->publish('returns')
            ->assertStatus(422)
            ->assertSee('where shoppers write to')
            ->assertSee('who pays for sending back');
        $this->say(['return_days' => 30, 'return_by' => 'stall'])->assertOk();
        $this->publish('returns')->assertStatus(422)->assertDontSee('who pays');
        self::assertSame(0, PolicyVersion::of($this->stall)->count());
        $this->shop('/policies/returns')->assertNotFound();

        $this->say(self::WHO);
        $this->publish('returns')->assertOk();
        $this->shop('/policies/returns')->assertOk()->assertSee('within 30 days')->assertSee('You pay for sending it back');
        $this->publish('gossip')->assertNotFound();
    }

    public function test_a_setting_that_changed_names_the_policy_that_says_otherwise_with_the_sentence(): void
    {
        $this->say(self::WHO);
        $this->publish('delivery')->assertOk()->assertJsonPath('policies.0.differs', []);
        $this->stall->update(['flat_delivery_minor' => 495]);
        $papers = $this->pageProps($this->get(route('window.pages', $this->stall))->assertOk())['papers'];
        $papers = (array) json_decode((string) json_encode($papers), true);

        self::assertSame([[
            'said' => 'Delivery costs £2.95 an order, however much you buy.',
            'now' => 'Delivery costs £4.95 an order, however much you buy.',
        ]], $papers['policies']['policies'][0]['differs']);
    }

    public function test_an_order_keeps_which_version_it_was_bought_under(): void
    {
        $listing = $this->world->inWindow($this->stall);
        $this->say(self::WHO);
        $this->publish('returns');
        $shopper = new Shopper($this, $this->stall->refresh());
        $shopper->put($listing->variants()->firstOrFail());
        $shopper->checkOut();
        $order = Order::of($this->stall)->firstOrFail();
        self::assertSame(['returns' => 1], $order->policies);

        $this->say(['return_days' => 60]);
        $this->publish('returns')->assertJsonPath('policies.1.number', 2);
        $this->publish('returns')->assertJsonPath('policies.1.number', 2);
        $this->shop('/policies/returns')->assertSee('within 60 days');
        $this->shop('/policies/returns?version=1')->assertSee('within 30 days')->assertSee('noindex');
        $this->shop('/orders/'.$order->token)->assertOk()->assertSee('/policies/returns?version=1', false);
        $this->shop('/policies/returns?version=99999999999999')->assertNotFound();
    }

    public function test_the_law_gives_shoppers_more_time_than_that(): void
    {
        $this->say(['return_days' => 7])->assertStatus(422)->assertSee('within 14 days by law');
        $this->say(['email' => 'nobody'])->assertStatus(422)->assertSee('Nothing can be sent');
        $this->say(['besides' => ['returns' => 'Seeds can’t come back.']])->assertOk();
        $this->say(self::WHO);
        $this->publish('returns');
        $this->shop('/policies/returns')->assertSee('Seeds can’t come back.', false);
    }

    public function test_a_page_is_drafted_from_facts_shown_changed_and_hidden(): void
    {
        $this->say(self::WHO);
        $this->world->inWindow($this->stall);
        $page = $this->page('about', 'Who we are');
        $this->show($page)->assertStatus(422)->assertJsonPath(
            'message',
            'Nothing stands on “Who we are” yet, so it isn’t published.',
        );
        $this->shop($page->address())->assertNotFound();

        $this->postJson(route('window.page.draft', [$this->stall, $page]))->assertOk()->assertSee('run by Ada Marl');
        $this->show($page)->assertOk()->assertJsonPath('standing.changes', 0);
        $this->shop($page->address())
            ->assertOk()
            ->assertSee('<h1>Who we are</h1>', false)
            ->assertSee('run by Ada Marl in Aldermere')
            ->assertSee('BreadcrumbList')
            ->assertDontSee('data-words');

        $this->write($page, '<p>Another</p><script>alert(1)</script>')->assertJsonPath('standing.changes', 1);
        $this->shop($page->address())->assertSee('run by Ada Marl');
        $this->show($page);
        $this->shop($page->address())->assertSee('Another')->assertDontSee('alert(1)');

        $this->tell($page, ['hidden' => true])->assertOk();
        $this->shop($page->address())->assertOk()->assertSee('noindex');
        $this->postJson(route('window.page.publish', [$this->stall, $page]), ['shown' => false])->assertOk();
        $this->shop($page->address())->assertNotFound();
    }

    public function test_a_page_is_dressed_of_sections_in_the_shops_look(): void
    {
        $listing = $this->world->inWindow($this->stall);
        $page = $this->page('other', 'Sizes');
        $dressed = $this->dress($page, [
            ['id' => 'goods', 'kind' => 'goods', 'settings' => ['heading' => 'On the stall']],
            ['id' => 'said', 'kind' => 'said', 'settings' => []],
            ['id' => 'ask', 'kind' => 'letter', 'settings' => []],
            ['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => 'Sizes and shapes']],
        ])->assertOk();
        self::assertSame(
            ['main' => ['goods', 'said', 'ask', 'heading']],
            $dressed->json('patch.places'),
            'what stands on every page stays where it is',
        );
        $galley = $this->pageProps($this->get(route('window.page', [$this->stall, $page]))->assertOk())['galley'];
        $sheet = $this->get($galley['sheetUrl'])->assertOk()->assertSee('data-words="heading"', false);
        $sheet->assertSee('data-section="said"', false)->assertSee('class="masthead', false);
        $this->get(explode('?', $galley['sheetUrl'])[0])->assertNotFound();

        $this->show($page)->assertOk();
        $this->shop('/pages/sizes')
            ->assertOk()
            ->assertSee('On the stall')
            ->assertSee($listing->slug)
            ->assertSee('Sizes and shapes')
            ->assertDontSee('data-section="said"', false);
        // A letter can be written wherever its form stands.
        $this->letter()->assertOk()->assertSee('It has been sent');

        foreach (['masthead', 'foot', 'hero', 'nonsense'] as $kind) {
            $this->dress($page, [['id' => 'x', 'kind' => $kind]])->assertStatus(422)->assertSee('for this page');
        }
        $many = array_fill(0, 31, ['kind' => 'story']);
        $this->dress($page, $many)->assertStatus(422)->assertSee('30 sections at the most');
        $this->putJson(route('window.save', $this->stall), [
            'version' => 1,
            'look' => (array) Window::query()->findOrFail($this->stall->id)->working['look'],
            'sections' => [['kind' => 'letter']],
        ])->assertStatus(422);
    }

    public function test_two_people_dress_one_page_and_both_changes_are_laid_together(): void
    {
        $page = $this->page('other', 'Notes');
        $begun = [...$page->sections, ['id' => 'story', 'kind' => 'story', 'settings' => ['heading' => 'Then']]];
        $version = $this->dress($page, $begun)->assertOk()->json('version');
        $with = static fn (string $id, array $said): array => array_map(
            static fn (array $s): array => $s['id'] === $id ? ['settings' => $said + $s['settings']] + $s : $s,
            $begun,
        );
        $this->dress($page, $with('story', ['heading' => 'Now']), $version)->assertJsonPath('meeting', null);
        $said = ['name' => 'Bram', 'email' => 'bram'.uniqid().'@quillet.example', 'password' => 'four-rows-of-peas'];
        $bram = User::query()->create($said)->refresh();
        $this->stall->users()->attach($bram);
        $this->signIn($bram);
        $met = $this->dress($page, $with('writing', ['words' => '<p>Mine</p>']), $version)->assertOk();
        self::assertStringContainsString('changed the story', (string) $met->json('meeting'));
        $sections = array_column($page->refresh()->sections, 'settings', 'id');
        self::assertSame(['Now', '<p>Mine</p>'], [$sections['story']['heading'], $sections['writing']['words']]);
        $this->dress($page, $begun, $version + 9)->assertStatus(422)->assertSee('Load it again');
    }

    public function test_a_page_says_its_title_and_what_begins_on_a_day_turns_it(): void
    {
        $page = $this->page('other', 'Fairs');
        $this->dress($page, [
            ['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => 'Where we stand']],
            ['id' => 'writing', 'kind' => 'writing', 'settings' => ['words' => '<p>Every May</p>']],
            [
                'id' => 'story', 'kind' => 'story', 'settings' => ['heading' => 'This week'],
                'showing' => ['from' => now()->addDays(2)->format('Y-m-d')],
            ],
        ])->assertOk();
        self::assertSame('Where we stand', $page->refresh()->title);
        $this->show($page);
        $this->shop('/pages/fairs')->assertSee('Every May')->assertDontSee('This week');
        $this->travel(2)->days();
        (new TurnWindows)->handle(app(DressWindow::class));
        $this->shop('/pages/fairs')->assertSee('This week');
    }

    public function test_what_was_waved_away_on_a_page_stays_away_there(): void
    {
        $page = $this->page('other', 'Notes');
        $this->dress($page, [['id' => 'story', 'kind' => 'story', 'settings' => [
            'heading' => 'Quick', 'words' => 'x', 'button' => 'To the goods', 'leads' => 'goods:999999',
        ]]])->assertOk();
        $audit = fn (): array => $this->postJson(
            route('window.page.audit', [$this->stall, $page]),
            ['measures' => ['sections' => [['id' => 'story', 'top' => 0, 'height' => 400]]]],
        )->assertOk()->json('findings');
        $keys = array_column($audit(), 'key');
        self::assertNotSame([], $keys);
        self::assertNotContains('sells nothing', $keys, 'one reads there; the front page sells');
        $this->postJson(route('window.page.audit.wave', [$this->stall, $page]), ['key' => $keys[0]])->assertOk();
        self::assertNotContains($keys[0], array_column($audit(), 'key'));
    }

    public function test_a_picture_on_a_page_is_in_use(): void
    {
        $picture = Picture::of($this->stall)->create([
            'state' => 'ready', 'path' => $this->stall->id.'/own/0123456789abcdef', 'width' => 600, 'height' => 400,
        ]);
        $page = $this->page('other', 'Bench');
        $this->dress($page, [['id' => 'story', 'kind' => 'story', 'settings' => ['picture' => $picture->id]]])->assertOk();

        self::assertSame([$picture->id => ['Story on “Bench”']], PicturesUsed::of($this->stall));
    }

    public function test_two_pages_never_stand_at_one_address_nor_does_one_at_the_shops_own(): void
    {
        $one = $this->page('other', 'Basket');
        $two = $this->page('other', 'Basket');
        self::assertSame(['/pages/basket', '/pages/basket-2'], [$one->address(), $two->address()]);
        $this->tell($two, ['slug' => 'Basket'])->assertStatus(422)->assertSee('Another page stands there');
        $this->tell($two, ['slug' => '???'])->assertStatus(422);
        $this->postJson(route('window.pages.store', $this->stall), ['kind' => 'about'])->assertOk();
        $this->postJson(route('window.pages.store', $this->stall), ['kind' => 'about'])->assertStatus(422);
    }

    public function test_questions_are_for_search_engines_too(): void
    {
        $this->say(self::WHO);
        $page = $this->page('questions', 'Questions');
        $this->postJson(route('window.page.draft', [$this->stall, $page]))->assertOk();
        $this->show($page)->assertOk();

        $this->shop($page->address())->assertOk()->assertSee('FAQPage')->assertSee('Can I send it back?');
    }

    public function test_a_letter_reaches_the_seller_is_kept_and_answered_by_mail(): void
    {
        $this->say(self::WHO);
        $this->letter()->assertNotFound();
        $this->show($this->page('contact', 'Write to us'))->assertOk();
        $this->shop('/pages/write-to-us')->assertSee('name="made"', false)->assertHeader('Cache-Control', 'no-store, private');

        $this->letter()->assertOk()->assertSee('It has been sent');
        $this->letter()->assertOk();
        self::assertSame(1, Letter::of($this->stall)->count(), 'sent twice, kept once');
        Mail::assertQueuedCount(1);
        Mail::assertQueued(LetterCame::class, fn (LetterCame $mail): bool => $mail->hasTo('hello@quillet.example'));

        $letter = Letter::of($this->stall)->firstOrFail();
        $this->get(route('counter.letters', $this->stall))->assertOk();
        foreach ([1, 2] as $twice) {
            $this->postJson(route('counter.letter.answer', [$this->stall, $letter]), ['words' => 'On Tuesday.'])->assertOk();
        }
        Mail::assertQueued(LetterAnswered::class, 1);
        self::assertSame(['Where is it?', 'On Tuesday.'], $letter->lines()->pluck('words')->all());
        self::assertFalse($letter->refresh()->open);
    }

    public function test_machines_letters_by_the_hundred_and_spoilt_ones_are_kept_out(): void
    {
        $this->show($this->page('contact', 'Write'));
        $this->letter(['website' => 'http://buy.example'])->assertOk();
        $this->letter(['made' => LetterSeal::now()])->assertStatus(422)->assertSee('very quick');
        $this->letter(['made' => '0.abc'])->assertStatus(422);
        $this->letter(['email' => "a@b.example\nBcc: all@example"])->assertStatus(422);
        $this->letter(['words' => '   '])->assertStatus(422);
        $this->letter(['words' => ['x']])->assertStatus(422);
        self::assertSame(0, Letter::of($this->stall)->count());
        $this->letter()->assertStatus(429);

        $this->travel(11)->minutes();
        Letter::of($this->stall)->insert(array_map(fn (int $n): array => [
            'stall_id' => $this->stall->id, 'name' => 'N', 'email' => 'n@x.example', 'hash' => 'h'.$n,
            'last_at' => now(), 'created_at' => now(), 'updated_at' => now(),
        ], range(1, 200)));
        $this->letter()->assertStatus(429)->assertSee('Too many letters');
        self::assertSame(200, Letter::of($this->stall)->count());
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<Response>
     */
    private function say(array $said): TestResponse
    {
        return $this->patchJson(route('window.policies.update', $this->stall), $said);
    }

    /** @return TestResponse<Response> */
    private function publish(string $kind): TestResponse
    {
        return $this->postJson(route('window.policies.publish', [$this->stall, $kind]));
    }

    private function page(string $kind, string $title): WrittenPage
    {
        $made = $this->postJson(route('window.pages.store', $this->stall), ['kind' => $kind, 'title' => $title])->assertOk();

        return WrittenPage::of($this->stall)->findOrFail((int) $made->json('id'));
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<Response>
     */
    private function tell(WrittenPage $page, array $said): TestResponse
    {
        return $this->patchJson(route('window.page.update', [$this->stall, $page]), $said);
    }

    /**
     * @param  array<mixed>  $sections
     * @return TestResponse<Response>
     */
    private function dress(WrittenPage $page, array $sections, ?int $version = null): TestResponse
    {
        return $this->putJson(route('window.page.save', [$this->stall, $page]), [
            'version' => $version ?? $page->refresh()->version,
            'sections' => $sections,
        ]);
    }

    /** @return TestResponse<Response> */
    private function write(WrittenPage $page, string $words): TestResponse
    {
        return $this->dress($page, array_map(
            static fn (array $s): array => $s['id'] === 'writing' ? ['settings' => ['words' => $words]] + $s : $s,
            $page->refresh()->sections,
        ));
    }

    /** @return TestResponse<Response> */
    private function show(WrittenPage $page): TestResponse
    {
        return $this->postJson(route('window.page.publish', [$this->stall, $page]), ['shown' => true]);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function letter(array $with = []): TestResponse
    {
        $this->travel(-1)->minutes();
        $made = LetterSeal::now();
        $this->travel(1)->minutes();

        return $this->post($this->stall->shopAddress('/letters'), $with + [
            'made' => $made,
            'name' => 'Bo Reed',
            'email' => 'bo@reed.example',
            'order' => '7',
            'words' => 'Where is it?',
        ], ['Origin' => $this->stall->shopAddress()]);
    }

    /** @return TestResponse<Response> */
    private function shop(string $path): TestResponse
    {
        return $this->get($this->stall->shopAddress($path));
    }
}
