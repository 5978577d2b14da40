<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Counter\Told\LetterWords;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Opening\LeftPoints;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Opening\Rehearsal\SetUp;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Policies\PublishPolicy;
use WindowStall\Window\Window;

/** What is left before a shop opens, worked out of the stall as it is: each thing comes and goes with what it is of. */
final class LeftTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->stall->update(['open' => false]);
    }

    public function test_a_new_stall_has_much_left_and_a_shop_that_is_ready_nothing(): void
    {
        $heads = $this->heads();
        foreach ([
            'Nothing is in the window', 'Payment still runs as a test', 'Shoppers can’t tell who you are', 'No supplier is connected',
        ] as $head) {
            self::assertContains($head, $heads);
        }
        $this->make();
        self::assertSame([], $this->heads());
        $left = $this->left();
        self::assertSame('Quillet can open: nothing is left.', $left['head']);
        self::assertCount(count(LeftPoints::all()), $left['stands']);
        self::assertSame(0, $left['stops']);
        $this->put(route('window.open', $this->stall), ['open' => true, 'looked' => true])->assertRedirect();
        self::assertSame('Quillet is open, and nothing is amiss.', $this->left()['head']);
    }

    public function test_each_thing_comes_and_goes_with_what_it_is_of(): void
    {
        $listing = $this->make();
        $connection = SupplierConnection::of($this->stall)->firstOrFail();
        $window = $this->wording('Read this and change it');

        $this->broken(
            'Something is amiss with Oakum Depot',
            fn () => $connection->update(['trouble' => 'Oakum didn’t answer.']),
            fn () => $connection->update(['trouble' => null]),
        );
        $this->broken(
            'Payment still runs as a test',
            fn () => PaymentConnection::of($this->stall)->update(['live' => false]),
            fn () => PaymentConnection::of($this->stall)->update(['live' => true]),
        );
        $this->broken(
            'Pictures say only their name to those who don’t see them',
            fn () => Picture::query()->where('listing_id', $listing->id)->update(['alt' => null]),
            fn () => Picture::query()->where('listing_id', $listing->id)->update(['alt' => 'A pot']),
        );
        $this->broken(
            'Search engines cut 1 title',
            fn () => $this->world->say($listing, ListingPatch::none()->searchTitle(str_repeat('Terracotta ', 6))),
            fn () => $this->world->say($listing, ListingPatch::none()->searchTitle('Pot')),
        );
        $this->broken(
            'One text still reads as the program drafted it',
            fn () => $window->update(['sample_words' => ['said words : Read this and change it']]),
            fn () => $window->update(['sample_words' => []]),
        );
        $this->broken(
            'Shoppers can’t tell who you are',
            fn () => Particulars::of($this->stall)->update(['street' => null]),
            fn () => Particulars::of($this->stall)->update(['street' => '4 Pound Row']),
        );
        DB::table('market_languages')->insert(['stall_id' => $this->stall->id, 'market' => 'GB', 'language' => 'de', 'position' => 1]);
        $thanks = fn (string $language) => (new LetterWords('Thanks', 'Thank you.'))->keep($this->stall, TellKind::Thanks, $language);
        $this->broken('What you say in letters isn’t said in every language', fn () => $thanks('en'), fn () => $thanks('de'));
        // What the galley measured of the page as it was published.
        $measured = fn (int $width) => $this->postJson(route('window.audit', $this->stall), ['measures' => ['overflow' => $width]])->assertOk();
        $audited = $measured(0)->json('findings');
        self::assertSame(array_column($audited, 'words'), Window::query()->findOrFail($this->stall->id)->audited);
        $window->refresh()->update(['audited' => []]);
        $this->broken(
            'One thing could be better of the front page on a phone',
            fn () => $window->update(['audited' => ['It is wider than the screen.']]),
            fn () => $window->update(['audited' => []]),
        );
        $this->rehearsed();
        $this->broken(
            'No rehearsal since the last change',
            fn () => $this->stall->update(['flat_delivery_minor' => 395]),
            $this->rehearsed(...),
        );
        $this->broken(
            'Nothing is in the window',
            fn () => $this->postJson(route('bench.out', $this->stall), ['listings' => [$listing->id], 'to' => 'on_bench'])->assertOk(),
            fn () => app(PutInWindow::class)($this->stall, Listing::of($this->stall)->whereKey($listing->id)->get()),
        );
    }

    public function test_a_way_leads_to_where_each_is_mended(): void
    {
        foreach ($this->left()['items'] as $item) {
            $this->get($item['href'])->assertOk();
        }
    }

    /** The window with a story that says so, published. */
    private function wording(string $words): Window
    {
        $window = Window::query()->findOrFail($this->stall->id);
        $content = $window->workingContent()->toArray();
        $content['sections'][] = ['id' => 'said', 'kind' => 'story', 'settings' => ['words' => $words]];
        $this->putJson(route('window.save', $this->stall), ['version' => $window->version] + $content)->assertOk();
        $this->postJson(route('window.publish', $this->stall))->assertOk();

        return $window->refresh();
    }

    /** Breaks something, sees that it is said, and mends it. */
    private function broken(string $head, callable $break, callable $mend): void
    {
        self::assertNotContains($head, $this->heads());
        $break();
        self::assertContains($head, $this->heads());
        $mend();
        self::assertNotContains($head, $this->heads());
    }

    /** A shop with all that it takes. */
    private function make(): Listing
    {
        $listing = $this->world->inWindow($this->stall, Items::item([Items::variant('pot')], 'Pot', id: 'pot'));
        Picture::query()->where('listing_id', $listing->id)->update(['alt' => 'A pot']);
        Particulars::of($this->stall)->fill([
            'trader' => 'Nell Aldous', 'street' => '4 Pound Row', 'town' => 'Aldermere', 'postcode' => 'AL4 7QT', 'email' => 'hello@quillet.example',
            'return_days' => 30, 'return_by' => 'shopper', 'keep_years' => 6, 'register' => '123', 'tax_number' => 'GB123', 'phone' => '0123',
        ])->save();
        foreach (PolicyKind::cases() as $kind) {
            app(PublishPolicy::class)($this->stall, $kind, null);
        }
        PaymentConnection::of($this->stall)->update(['live' => true, 'keys' => ['live' => 'live-key']]);
        Window::query()->findOrFail($this->stall->id)->update(['sample_words' => [], 'audited' => []]);
        $this->postJson(route('window.publish', $this->stall))->assertOk();
        $this->rehearsed();

        return $listing;
    }

    /** One that went well, with all as it is set up now. */
    private function rehearsed(): void
    {
        $step = ['kind' => 'home', 'at' => 400, 'outcome' => 'fine', 'words' => 'Front page', 'read' => ''];
        Rehearsal::of($this->stall)->create([
            'stands_for' => SetUp::of($this->stall),
            'roll' => [['country' => 'GB', 'method' => 'card', 'steps' => [$step]]],
            'begun_at' => now(),
            'ended_at' => now(),
        ]);
    }

    /** @return list<string> */
    private function heads(): array
    {
        return array_column($this->left()['items'], 'head');
    }

    /** @return array{head: string, items: list<array{head: string, href: string}>, stands: list<string>, stops: int} */
    private function left(): array
    {
        return $this->pageProps($this->get(route('opening', $this->stall)))['left'];
    }
}
