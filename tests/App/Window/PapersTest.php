<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Mail\LetterAnswered;
use WindowStall\Counter\Mail\LetterCame;
use WindowStall\Counter\Order;
use WindowStall\Shop\LetterSeal;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;
use WindowStall\Window\Policies\PolicyVersion;
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
        $this->show($page)->assertOk()->assertJsonPath('same', true);
        $this->shop($page->address())->assertOk()->assertSee('run by Ada Marl in Aldermere')->assertSee('BreadcrumbList');

        $this->write($page, ['words' => '<p>Another</p><script>alert(1)</script>'])->assertJsonPath('same', false);
        $this->shop($page->address())->assertSee('run by Ada Marl');
        $this->show($page);
        $this->shop($page->address())->assertSee('Another')->assertDontSee('alert(1)');

        $this->write($page, ['hidden' => true]);
        $this->shop($page->address())->assertOk()->assertSee('noindex');
        $this->postJson(route('window.page.publish', [$this->stall, $page]), ['shown' => false])->assertOk();
        $this->shop($page->address())->assertNotFound();
    }

    public function test_two_pages_never_stand_at_one_address_nor_does_one_at_the_shops_own(): void
    {
        $one = $this->page('other', 'Basket');
        $two = $this->page('other', 'Basket');
        self::assertSame(['/pages/basket', '/pages/basket-2'], [$one->address(), $two->address()]);
        $this->write($two, ['slug' => 'Basket'])->assertStatus(422)->assertSee('Another page stands there');
        $this->write($two, ['slug' => '???'])->assertStatus(422);
        $this->write($two, ['title' => 'Checkout', 'seen' => 0])->assertOk();
        $this->write($two, ['title' => 'Over it', 'seen' => 0])->assertStatus(422)->assertSee('meanwhile');
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
    private function write(WrittenPage $page, array $said): TestResponse
    {
        return $this->patchJson(route('window.page.update', [$this->stall, $page]), $said);
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
