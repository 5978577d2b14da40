<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Pictures\SvgDrawing;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Jobs\TurnWindows;
use WindowStall\Window\Window;

final class WindowTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $content = $this->window()->workingContent()->toArray();
        $content['sections'] = [
            ...array_slice($content['sections'], 0, 2),
            ['id' => 'words', 'kind' => 'words', 'settings' => ['words' => 'Words of mine']],
            ...array_slice($content['sections'], 2),
        ];
        $this->save(['version' => 1] + $content)->assertOk();
        $this->postJson(route('window.publish', $this->stall))->assertOk();
    }

    public function test_a_change_is_patched_into_the_sheet_at_once_and_seen_by_shoppers_once_published(): void
    {
        $patch = $this->save($this->content(['words' => ['words' => 'Beans & <b>leeks</b>']]))
            ->assertOk()
            ->assertJsonPath('standing.changes', 1)
            ->json('patch');
        self::assertIsArray($patch);
        self::assertSame(['words'], array_keys($patch['html']), 'nothing but what changed');
        self::assertStringContainsString('Beans &amp; &lt;b&gt;leeks&lt;/b&gt;', $patch['html']['words']);
        self::assertNull($patch['css']);
        $this->get($this->sheet())
            ->assertOk()
            ->assertSee('Beans &amp; &lt;b&gt;leeks', false)
            ->assertSee('data-words="words"', false);
        $this->get($this->stall->shopAddress('/'))->assertOk()->assertDontSee('Beans');
        $this->postJson(route('window.publish', $this->stall))->assertOk()->assertJsonPath('standing.changes', 0);
        $this->get($this->stall->shopAddress('/'))->assertSee('Beans')->assertDontSee('data-words', false);
    }

    public function test_one_goes_back_to_what_is_published_and_to_any_version_that_was_kept(): void
    {
        $before = $this->window()->working;
        $this->save($this->content(['words' => ['words' => 'Kept words']]));
        $kept = $this->postJson(route('window.versions.store', $this->stall), ['name' => 'Before Easter'])
            ->assertOk()
            ->json('versions.0');
        self::assertSame('Before Easter', $kept['words']);
        $this->postJson(route('window.back', $this->stall))->assertOk()->assertJsonPath('standing.changes', 0);
        self::assertEquals($before, $this->window()->working);
        $this->postJson(route('window.back', $this->stall), ['revision' => $kept['id']])->assertOk();
        self::assertSame('Kept words', $this->window()->workingContent()->section('words')?->settings['words']);
        $this->get($kept['url'])->assertOk()->assertSee('Kept words');
    }

    public function test_a_window_is_published_at_its_time_as_it_was_when_that_was_set(): void
    {
        $this->travelTo('2027-05-01 09:00:00');
        $this->save($this->content(['words' => ['words' => 'For the fair']]));
        $due = $this->postJson(route('window.publish', $this->stall), ['at' => '2027-05-03T10:00:00+02:00'])
            ->assertOk()
            ->assertJsonPath('standing.due', '3 May 2027, 08:00')
            ->json('standing.dueId');
        $this->save($this->content(['words' => ['words' => 'Typed after']]));
        $this->travelTo('2027-05-03 07:59:00');
        (new TurnWindows())->handle(app(DressWindow::class));
        $this->get($this->stall->shopAddress('/'))->assertDontSee('For the fair');
        $this->travelTo('2027-05-03 08:00:10');
        (new TurnWindows())->handle(app(DressWindow::class));
        $this->get($this->stall->shopAddress('/'))->assertSee('For the fair')->assertDontSee('Typed after');
        self::assertSame(
            'Typed after',
            $this->window()->workingContent()->section('words')?->settings['words'],
            'one went on dressing',
        );
        $this->postJson(route('window.publish', $this->stall), ['at' => '2020-01-01'])->assertUnprocessable();
        self::assertIsInt($due);
    }

    public function test_a_publishing_that_was_called_off_doesnt_happen(): void
    {
        $this->travelTo('2027-05-01 09:00:00');
        $this->save($this->content(['words' => ['words' => 'For the fair']]));
        $due = $this->postJson(route('window.publish', $this->stall), ['at' => '2027-05-02 09:00:00'])->json(
            'standing.dueId',
        );
        $this->deleteJson(route('window.due.end', [$this->stall, $due]))
            ->assertOk()
            ->assertJsonPath('standing.due', null);
        $this->travelTo('2027-05-02 09:01:00');
        (new TurnWindows())->handle(app(DressWindow::class));
        $this->get($this->stall->shopAddress('/'))->assertDontSee('For the fair');
    }

    public function test_sections_are_added_removed_and_reordered(): void
    {
        $this->world->inWindow($this->stall);
        $content = $this->content();
        $content['sections'] = [
            ['id' => 'x', 'kind' => 'goods', 'settings' => ['heading' => 'First']],
            ['id' => 'y', 'kind' => 'foot', 'settings' => []],
            ['id' => 'z', 'kind' => 'goods', 'settings' => ['heading' => 'Second']],
        ];
        $this->save($content)
            ->assertOk()
            ->assertJsonPath('patch.places.main', ['x', 'z'])
            ->assertJsonPath('patch.places.foot', ['y']);
        $this->postJson(route('window.publish', $this->stall));
        $this->get($this->stall->shopAddress('/'))
            ->assertSeeInOrder(['First', 'Second'])
            ->assertDontSee('Words of mine');
    }

    public function test_two_people_dressing_one_window_get_both_their_changes_and_are_told(): void
    {
        $mine = $this->content(['words' => ['words' => 'Mine']]);
        $theirs = $this->content(['words' => ['heading' => 'Theirs']]);
        $bram = User::query()
            ->create([
                'name' => 'Bram',
                'email' => 'bram'.uniqid().'@quillet.example',
                'password' => 'four-rows-of-peas',
            ])
            ->refresh();
        $this->stall->users()->attach($bram);
        $this->signIn($bram);
        $this->save($theirs)->assertOk();
        $this->signIn();
        $this->save($mine)
            ->assertOk()
            ->assertJsonPath('meeting', 'Bram changed the words meanwhile; it is in your page now.')
            ->assertJsonPath('merged.sections.2.settings.heading', 'Theirs')
            ->assertJsonPath(
                'patch.html.words',
                static fn (string $html): bool => str_contains($html, 'Theirs') && str_contains($html, 'Mine'),
            );
        self::assertSame(['Theirs', 'Mine'], [$this->setting('heading'), $this->setting('words')]);
        // Both the same: mine stands, and it is said.
        $this->save(
            ['version' => $mine['version']] + $this->content(['words' => ['heading' => 'Mine too']]),
        )->assertOk();
        self::assertSame('Mine too', $this->setting('heading'));
    }

    public function test_a_page_older_than_what_is_remembered_is_told_to_load_again(): void
    {
        DB::table('window_saves')->delete();
        $content = $this->content();
        $this->save($content)->assertOk();
        DB::table('window_saves')->delete();
        $this->save($content)
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                'This page was changed very often since you opened it. Load it again to see it.',
            );
        $this->save(['version' => 99] + $content)->assertUnprocessable();
    }

    public function test_one_brand_colour_reaches_every_tone_of_the_shop(): void
    {
        $content = $this->content();
        $content['look']['colours'] = ['#7a2b4a'];
        $this->save($content)
            ->assertOk()
            ->assertJsonPath('look.tones.fill', '#7a2b4a')
            ->assertJsonPath('patch.css', static fn (string $css): bool => str_contains($css, '--fill:#7a2b4a;'));
        $this->postJson(route('window.publish', $this->stall));
        $this->get($this->stall->shopAddress('/'))->assertSee('--fill:#7a2b4a;', false);
        $this->get($this->stall->shopAddress('/basket'))->assertSee('--fill:#7a2b4a;', false);
    }

    public function test_an_address_for_others_shows_the_working_copy_until_it_is_taken_back(): void
    {
        $this->save($this->content(['words' => ['words' => 'Not yet for all']]));
        $address = $this->postJson(route('window.previews.store', $this->stall), ['for' => 'Ines'])
            ->assertOk()
            ->json('address');
        self::assertIsString($address);
        $this->get($address)
            ->assertOk()
            ->assertSee('Not yet for all')
            ->assertHeader('Cache-Control', 'no-store, private');
        $open = $this->getJson(route('window.versions', $this->stall))
            ->assertJsonPath('previews.0.for', 'Ines')
            ->json('previews.0.id');
        $this->deleteJson(route('window.previews.end', [$this->stall, $open]))
            ->assertOk()
            ->assertJsonPath('previews', []);
        $this->get($address)->assertNotFound();
        $this->get($this->stall->shopAddress('/seen/'.str_repeat('a', 40)))->assertNotFound();
    }

    public function test_another_stalls_address_for_others_opens_nothing_here(): void
    {
        $address = $this->postJson(route('window.previews.store', $this->stall), ['for' => 'Ines'])->json('address');
        $other = $this->world->stall();
        self::assertIsString($address);
        $this->get($other->shopAddress((string) parse_url($address, PHP_URL_PATH)))->assertNotFound();
    }

    public function test_a_saved_window_that_todays_program_cant_take_whole_still_shows_and_says_what_is_gone(): void
    {
        $this->world->inWindow($this->stall);
        $working = $this->window()->working;
        $working['look']['pair'] = 'gone';
        $working['sections'][] = ['id' => 's', 'kind' => 'slides', 'settings' => []];
        $working['sections'][] = [
            'id' => 'g',
            'kind' => 'goods',
            'settings' => ['heading' => 'Still here', 'under' => 7, 'count' => ['x']],
            'showing' => ['from' => 'soon'],
        ];
        $this->window()->update(['working' => $working]);
        DB::table('window_revisions')
            ->where('stall_id', $this->stall->id)
            ->update(['content' => json_encode($working)]);
        StalePages::frame($this->stall);
        $this->get($this->stall->shopAddress('/'))->assertOk()->assertSee('Still here');
        $this->get(route('window', $this->stall))
            ->assertOk()
            ->assertInertia(fn ($page) => $page->where('galley.skipped', ['slides']));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no colour' => [
            ['look' => ['colours' => ['red;}body{display:none']]],
            '“red;}body{display:no” is no colour. Write # and six digits, such as #2c5a43.',
        ];
        yield 'no such type' => [
            ['look' => ['pair' => 'other']],
            'This look doesn’t say its pair, or says one that there isn’t.',
        ];
        yield 'no wordmark' => [['look' => ['wordmark' => ' ']], 'The wordmark needs 1 to 40 letters.'];
        yield 'no such section' => [
            ['sections' => [['id' => 'a', 'kind' => 'slides', 'settings' => []]]],
            'There is no section of that kind for this page.',
        ];
        yield 'too long' => [
            [
                'sections' => [
                    ['id' => 'a', 'kind' => 'notice', 'settings' => ['messages' => [['words' => str_repeat('x', 91)]]]],
                ],
            ],
            '“Words” has 91 letters; 90 is the most.',
        ];
        yield 'too many' => [
            ['sections' => array_fill(0, 31, ['id' => 'a', 'kind' => 'notice', 'settings' => []])],
            'A page has 30 sections at the most; shoppers don’t see the rest.',
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('bad')]
    public function test_what_cant_be_shown_is_refused_with_its_field(array $wrong, string $sentence): void
    {
        $before = $this->window()->working;
        $content = array_replace_recursive($this->content(), $wrong);
        $this->save($content)->assertUnprocessable()->assertJsonPath('message', $sentence);
        self::assertEquals($before, $this->window()->working);
    }

    public function test_a_logo_stands_in_the_wordmarks_place_and_an_svg_is_refused(): void
    {
        Storage::fake('media');
        $this->wantingJson()
            ->post(route('window.logo', $this->stall), [
                'picture' => UploadedFile::fake()->createWithContent(
                    'logo.svg',
                    '<?xml version="1.0"?><svg onload="alert(1)"/>',
                ),
            ])
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'SVG'));
        $logo = $this->wantingJson()
            ->post(route('window.logo', $this->stall), ['picture' => UploadedFile::fake()->image('logo.png', 600, 200)])
            ->assertOk()
            ->assertJsonPath('waits', false)
            ->json('logo');
        self::assertIsArray($logo);
        $content = $this->content();
        $content['look']['logo'] = $logo;
        $this->save($content)->assertOk();
        $this->get($this->sheet())->assertSee($logo['path'].'-280.webp', false);
    }

    public function test_a_drawing_is_made_into_pixels_and_one_that_isnt_only_a_drawing_is_refused(): void
    {
        Storage::fake('media');
        $svg = static fn (
            string $in,
        ): string => '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 300 100">'.
            $in.
            '</svg>';
        $send = fn (string $bytes) => $this->wantingJson()->post(route('window.logo', $this->stall), [
            'picture' => UploadedFile::fake()->createWithContent('logo.svg', $bytes),
        ]);
        $logo = $send($svg('<rect width="300" height="100" fill="#24503b"/><use xlink:href="#a"/>'))
            ->assertOk()
            ->json('logo');
        self::assertIsArray($logo);
        self::assertSame(1200, $logo['width'], 'sharp at the largest size, whatever the drawing’s own');
        self::assertEqualsWithDelta(400, $logo['height'], 1);
        foreach (
            [
                '<script>alert(1)</script>',
                '<rect onclick="alert(1)"/>',
                '<image href="http://evil.example/x.png"/>',
                '<image xlink:href="file:///etc/passwd"/>',
                '<rect style="fill:url(http://evil.example/x)"/>',
                '<style>@import "http://evil.example/x.css"</style>',
                '<foreignObject><p/></foreignObject>',
                '<a href="javascript:alert(1)"/>',
            ] as $bad
        ) {
            $send($svg($bad))->assertUnprocessable();
        }
        $send(
            '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg xmlns="http://www.w3.org/2000/svg">&a;</svg>',
        )->assertUnprocessable();
        // What would hold the only worker of all stalls, or fill its memory, isn't drawn at all.
        $blur = '<filter id="f">'.str_repeat('<feGaussianBlur stdDeviation="900"/>', 20).'</filter>';
        $effects = 'more parts or effects';
        $send($svg($blur.'<rect filter="url(#f)"/>'))->assertUnprocessable()->assertSee($effects);
        $send($svg(str_repeat('<g>', 60).str_repeat('</g>', 60)))->assertUnprocessable()->assertSee($effects);
        $wide = "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 16_000, 16_000)."\x08\x02\0\0\0\0\0\0\0";
        $send($svg('<image href="data:image/png;base64,'.base64_encode($wide).'"/>'))
            ->assertUnprocessable()
            ->assertSee('256 million pixels');
        $slow = '<filter id="f" x="-900" y="-900" width="9000" height="9000"><feMorphology radius="5000"/></filter>';
        SvgDrawing::check($svg($slow.'<rect filter="url(#f)"/>'));
        $begun = microtime(true);
        try {
            SvgDrawing::png($svg(str_repeat($slow, 5).'<rect width="300" height="90" filter="url(#f)"/>'));
        } catch (Refusal) {
            // It ended, one way or the other.
        }
        self::assertLessThan(11, microtime(true) - $begun);
        $send('<svg xmlns="http://www.w3.org/2000/svg"><rect>')
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This SVG drawing is damaged. Save it again, or as PNG.');
    }

    public function test_a_logo_of_another_stall_is_refused(): void
    {
        $other = $this->world->stall();
        $path = $other->id.'/logo/0123456789abcdef';
        Picture::of($other)->create(['state' => 'ready', 'path' => $path, 'width' => 600, 'height' => 200]);
        $content = $this->content();
        $content['look']['logo'] = ['path' => $path, 'width' => 600, 'height' => 200];
        $this->save($content)
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This logo isn’t the stall’s own. Send it again.');
    }

    public function test_a_preview_opens_only_by_its_signed_address(): void
    {
        $this->get($this->stall->shopAddress('/preview/galley'))->assertNotFound();
        $this->get($this->stall->shopAddress('/preview/look?look={}'))->assertNotFound();
        $this->get($this->stall->shopAddress('/preview/revisions/1'))->assertNotFound();
        $listing = $this->world->listing($this->stall);
        $this->get($this->stall->shopAddress('/preview/goods/'.$listing->id))->assertNotFound();
    }

    /**
     * @param  array<string, array<string, mixed>>  $settings  by kind
     * @return array{version: int, look: array<string, mixed>, sections: list<array<string, mixed>>}
     */
    private function content(array $settings = []): array
    {
        $content = $this->window()->workingContent()->toArray();
        /** @var list<array{kind: string, settings: array<string, mixed>}> $sections */
        $sections = $content['sections'];
        /** @var array<string, mixed> $look */
        $look = $content['look'];

        return [
            'version' => $this->window()->version,
            'look' => $look,
            'sections' => array_map(
                static fn (array $s): array => ['settings' => ($settings[$s['kind']] ?? []) + $s['settings']] + $s,
                $sections,
            ),
        ];
    }

    private function sheet(): string
    {
        return PreviewLinks::galley($this->stall);
    }

    private function setting(string $field): mixed
    {
        return $this->window()->workingContent()->section('words')?->settings[$field];
    }

    private function window(): Window
    {
        return Window::query()->with('published')->findOrFail($this->stall->id);
    }

    /**
     * @param  array<string, mixed>  $content
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $content): \Illuminate\Testing\TestResponse
    {
        return $this->putJson(route('window.save', $this->stall), $content);
    }
}
