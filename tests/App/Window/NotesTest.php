<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use DOMDocument;
use DOMXPath;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Written\ShownNotes;
use WindowStall\Window\Written\WrittenPage;

/** Dated pages with a list and a feed. */
final class NotesTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-02 10:00');
        $this->stall = $this->world->stall($this->signIn());
    }

    public function test_a_note_has_its_day_from_when_it_is_shown_and_stands_in_the_list_latest_first(): void
    {
        $this->shop('/notes')->assertNotFound();
        $first = $this->write('Frost is coming', 'Fleece keeps lettuce till March.');
        $this->shop('/notes/'.$first->slug)->assertNotFound();
        self::assertSame('', $this->pageProps($this->get(route('window.page', [$this->stall, $first])))['page']['datedOn']);
        $this->show($first)->assertOk();
        self::assertSame('2026-12-02', $first->refresh()->dated_on?->toDateString());
        $this->shop('/notes/'.$first->slug)->assertOk()->assertSee('2 December 2026')->assertSee('Fleece keeps');
        $this->shop('/pages/'.$first->slug)->assertNotFound();

        $this->travelTo('2026-12-05 10:00');
        $second = $this->write('Frost is coming', 'Again, and harder.');
        self::assertNotSame($first->slug, $second->slug);
        $this->show($second);
        $this->shop('/notes')->assertOk()->assertSeeInOrder(['5 December 2026', 'Again, and harder.', '2 December 2026']);
        $this->dated($second, '2026-11-30')->assertOk();
        $this->shop('/notes')->assertSeeInOrder(['2 December 2026', '30 November 2026']);
        $this->dated($second, '2026-12-06')
            ->assertStatus(422)
            ->assertJsonPath('message', 'A note isn’t dated ahead. Publish it when its day has come.');
        $this->dated($second, 'today')->assertStatus(422);

        $this->patchJson(route('window.page.update', [$this->stall, $second]), ['hidden' => true])->assertOk();
        $this->shop('/notes')->assertDontSee('Again, and harder.');
        $this->shop('/notes/'.$second->slug)->assertOk();
    }

    public function test_the_feed_is_atom_and_an_entry_stays_the_same_when_its_address_moves(): void
    {
        $note = $this->write('Beans & peas', 'Sow <now>.');
        $this->show($note);
        $entry = function (): array {
            $answer = $this->shop('/notes.atom')->assertOk()->assertHeader('Content-Type', 'application/atom+xml; charset=utf-8');
            $xml = new DOMDocument();
            self::assertTrue($xml->loadXML((string) $answer->getContent()));
            $path = new DOMXPath($xml);
            $path->registerNamespace('a', 'http://www.w3.org/2005/Atom');
            foreach (['a:id', 'a:title', 'a:updated', 'a:author/a:name', 'a:link[@rel="self"]/@href'] as $must) {
                self::assertSame(1.0, $path->evaluate('count(/a:feed/'.$must.')'), $must);
            }
            $of = static fn (string $at): string => (string) $path->evaluate('string(/a:feed/a:entry/'.$at.')');

            return [$of('a:id'), $of('a:title'), $of('a:summary'), $of('a:link/@href'), $of('a:published')];
        };
        [$id, $title, $summary, $href, $published] = $entry();
        self::assertSame(['Beans & peas', 'Sow <now>.'], [$title, $summary]);
        self::assertStringEndsWith('/notes/beans-peas', $href);
        self::assertStringStartsWith('2026-12-02T00:00:00', $published);
        $this->patchJson(route('window.page.update', [$this->stall, $note]), ['slug' => 'peas'])->assertOk();
        $moved = $entry();
        self::assertSame($id, $moved[0]);
        self::assertStringEndsWith('/notes/peas', $moved[3]);
    }

    public function test_the_list_goes_on_over_pages_and_ends(): void
    {
        for ($n = 1; $n <= ShownNotes::PAGE + 1; $n++) {
            $this->show($this->write('Note '.$n, 'Word '.$n.' of it'));
        }
        $this->shop('/notes')->assertSee('Word 21 of it')->assertDontSee('Word 1 of it')->assertSee('Older notes');
        $this->shop('/notes?page=2')->assertOk()->assertSee('Word 1 of it')->assertSee('Newer notes')->assertDontSee('Older notes');
        $this->shop('/notes?page=3')->assertNotFound();
        $this->shop('/notes?page=x')->assertOk();
    }

    public function test_the_front_page_shows_the_latest_and_menus_and_search_engines_find_them(): void
    {
        $note = $this->write('Frost is coming', 'Fleece.');
        $this->show($note);
        $this->shop('/sitemap.xml')->assertSee('/notes<', false)->assertSee('/notes/'.$note->slug);
        $window = $this->pageProps($this->get(route('window', $this->stall)));
        self::assertNotContains('page:'.$note->id, array_column($window['reach']['pages'], 'value'), 'menus lead to the list');
        $papers = $this->pageProps($this->get(route('window.pages', $this->stall)))['papers'];
        self::assertSame([['Frost is coming', '2 December 2026']], array_map(
            static fn (array $one): array => [$one['title'], $one['day']],
            $papers['notes'],
        ));
        self::assertNotContains('Frost is coming', array_column($papers['pages'], 'title'));
    }

    private function write(string $title, string $words): WrittenPage
    {
        $id = $this->postJson(route('window.pages.store', $this->stall), ['kind' => 'note', 'title' => $title])->assertOk()->json('id');
        $page = WrittenPage::dressed($this->stall)->findOrFail((int) $id);
        $this->putJson(route('window.page.save', [$this->stall, $page]), [
            'version' => $page->version,
            'sections' => [
                ['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => $title]],
                ['id' => 'writing', 'kind' => 'writing', 'settings' => ['words' => '<p>'.e($words).'</p>']],
            ],
        ])->assertOk();

        return $page->refresh();
    }

    /** @return TestResponse<Response> */
    private function show(WrittenPage $page): TestResponse
    {
        return $this->postJson(route('window.page.publish', [$this->stall, $page]), ['shown' => true]);
    }

    /** @return TestResponse<Response> */
    private function dated(WrittenPage $page, string $day): TestResponse
    {
        return $this->patchJson(route('window.page.update', [$this->stall, $page]), ['dated_on' => $day]);
    }

    /** @return TestResponse<Response> */
    private function shop(string $path): TestResponse
    {
        return $this->get($this->stall->shopAddress($path));
    }
}
