<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Crop;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class WordsAndPicturesTest extends AppTestCase
{
    private const PROSE = '<p>Dear friend welcome our store!! A tin with a cutter in the lid. Write to sales@bazaar.example for 10% off.</p>';

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_drafts_fill_only_what_is_free_are_marked_and_keep_the_listing_out_of_the_window(): void
    {
        $listing = $this->world->listing(
            $this->stall,
            Items::item(
                [Items::variant('a'), Items::variant('b', 620, 3, 'Copper')],
                'HOT 2026 Steel Twine Tin Dispenser',
                self::PROSE,
            ),
        );
        $this->patchJson(route('bench.listing.update', [$this->stall, $listing]), ['title' => 'Twine tin']);
        $answer = $this->draft($listing->id)->assertOk();
        $answer
            ->assertJsonPath('listing.title.shown', 'Twine tin')
            ->assertJsonPath('listing.pending.drafts', ['words', 'search', 'alt'])
            ->assertJsonPath(
                'listing.stands.lacks.0.words',
                'The description is still a draft. Read it, and change or accept it.',
            );
        self::assertStringContainsString('Copper', $answer->json('listing.words.shown'));
        self::assertContains('the name', $answer->json('draft.used'));
        self::assertContains('its measures', $answer->json('draft.missing'));
        self::assertNotSame('', (string) $listing->pictures()->value('alt'));
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$listing->id]])->assertJsonPath(
            'placed',
            [],
        );

        $this->patchJson(route('bench.listing.update', [$this->stall, $listing]), [
            'words' => '<p>Mine.</p>',
        ])->assertJsonPath('pending.drafts', ['search', 'alt']);
        $this->postJson(route('bench.accept', [$this->stall, $listing]), [
            'fields' => ['search', 'alt'],
        ])->assertJsonPath('pending.drafts', []);
        $this->postJson(route('bench.window', $this->stall), ['listings' => [$listing->id]])->assertJsonCount(
            1,
            'placed',
        );
        $this->postJson(route('bench.undo', [$this->stall, $answer->json('change')]))
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                'Something was done to the same listings since (Description changed). Take that back first.',
            );
        self::assertSame('<p>Mine.</p>', $listing->refresh()->own_words, 'what was written since isn’t lost');
        $since = (int) BenchChange::query()->where('stall_id', $this->stall->id)->max('id');
        $this->postJson(route('bench.undo', [$this->stall, $since]))->assertOk();
        self::assertContains('words', $listing->refresh()->drafts, 'the draft is one again');
        $this->postJson(route('bench.undo', [$this->stall, $answer->json('change')]))->assertOk();
        self::assertNull($listing->refresh()->own_search_title);
    }

    #[TestWith(['plain'])]
    #[TestWith(['warm'])]
    #[TestWith(['brisk'])]
    public function test_each_manner_writes_of_the_same_facts_and_writing_again_replaces_drafts(string $manner): void
    {
        $listing = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('a', colour: 'Copper')], 'Copper Hand Fork Ash Handle', ''),
        );
        $first = $this->draft($listing->id, 'plain')->json('listing.words.shown');
        $again = $this->draft($listing->id, $manner)->assertOk()->json('listing.words.shown');
        self::assertSame($manner === 'plain', $first === $again);
        self::assertStringContainsString('copper', mb_strtolower($again));
    }

    public function test_a_writing_help_that_is_away_or_talks_nonsense_writes_nothing(): void
    {
        $listing = $this->world->listing($this->stall);
        Http::fake([
            '*/v1/chat/completions' => Http::sequence()
                ->push(['title' => ['x']])
                ->push('<html>')
                ->push('', 500),
        ]);
        for ($n = 0; $n < 3; $n++) {
            $this->draft($listing->id)
                ->assertStatus(422)
                ->assertJsonPath('message', 'The writing help answered what can’t be used. Try again later.');
        }
        config(['stall.writer.address' => 'http://writer.standins.localhost:9']);
        Http::swap(new \Illuminate\Http\Client\Factory());
        $this->draft($listing->id)
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'The writing help doesn’t answer just now. Write it yourself, or try again later.',
            );
        self::assertNull($listing->refresh()->own_words);
        $this->draft($listing->id, 'poetic')->assertStatus(422);
    }

    public function test_title_notes_junk_and_search_text_come_with_the_listing(): void
    {
        $listing = $this->world->listing(
            $this->stall,
            Items::item([Items::variant('a')], 'HOT 2026 Twine Tin TT-200 BEST SELLER', self::PROSE),
        );
        $page = $this->getJson(route('bench.listing.view', [$this->stall, $listing]))->assertOk();
        self::assertSame(['code', 'shouting', 'stuffing'], array_column($page->json('title.notes'), 'kind'));
        self::assertSame(['boilerplate', 'contact'], array_column($page->json('words.notes'), 'kind'));
        $this->world->listing(
            $this->stall,
            Items::item([Items::variant('z')], 'hot 2026 twine tin tt-200 best seller', id: 'T-2'),
        );
        self::assertSame(
            'same',
            $this->getJson(route('bench.listing.view', [$this->stall, $listing]))->json('title.notes.0.kind'),
        );
        $this->patchJson(route('bench.listing.update', [$this->stall, $listing]), [
            'search_title' => 'Twine tin',
            'search_words' => " A tin \n with a cutter ",
        ])
            ->assertJsonPath('details.search.title', 'Twine tin')
            ->assertJsonPath('details.search.words', 'A tin with a cutter')
            ->assertJsonPath('details.search.held', true);
        $this->patchJson(route('bench.listing.update', [$this->stall, $listing]), [
            'search_title' => str_repeat('x', 121),
            'search_words' => '',
        ])->assertStatus(422);
        $this->patchJson(route('bench.listing.update', [$this->stall, $listing]), [
            'search_title' => '',
            'search_words' => '',
        ])->assertJsonPath('details.search.held', false);
    }

    public function test_markdown_becomes_what_a_description_takes(): void
    {
        $html = $this->postJson(route('bench.markdown', $this->stall), [
            'text' => "# Twine\n\n- one\n- **two**\n\n[a](javascript:alert(1)) <script>x</script>",
        ])
            ->assertOk()
            ->json('html');
        self::assertStringStartsWith('<h2>Twine</h2>', $html);
        self::assertStringContainsString('<strong>two</strong>', $html);
        self::assertStringNotContainsString('script', $html);
    }

    public function test_a_picture_is_cropped_around_what_matters_described_and_given_to_a_colour(): void
    {
        Storage::fake('media');
        $listing = $this->world->listing($this->stall);
        $this->wantingJson()
            ->post(route('bench.pictures.store', [$this->stall, $listing]), [
                'picture' => UploadedFile::fake()->image('mine.jpg', 1600, 900),
            ])
            ->assertOk();
        $picture = Picture::query()->where('listing_id', $listing->id)->whereNull('source')->firstOrFail();
        $edit = fn (array $own) => $this->patchJson(
            route('bench.picture.update', [$this->stall, $listing, $picture]),
            $own,
        );
        $whole = $picture->path;
        $edit(['x' => 80, 'y' => 50, 'zoom' => 150, 'alt' => ' A trowel ', 'shows' => 'CPR-02'])->assertOk();
        $picture->refresh();
        self::assertSame(
            [600, 600, 'A trowel', 'CPR-02'],
            [$picture->width, $picture->height, $picture->alt, $picture->shows],
        );
        self::assertNotSame($whole, $picture->path);
        Storage::disk('media')->assertExists($picture->path.'-640.jpg');
        $edit(['x' => 50, 'y' => 50, 'zoom' => 100])->assertOk();
        $edit(['zoom' => 99])->assertStatus(422);
        $edit(['alt' => str_repeat('x', 201)])->assertStatus(422);
        $other = $listing->pictures()->whereNotNull('source')->firstOrFail();
        $this->patchJson(route('bench.picture.update', [$this->stall, $listing, $other]), [
            'shows' => 'CPR-02',
        ])->assertOk();
        self::assertNull($picture->refresh()->shows, 'one picture per colour');
        $this->patchJson(
            route('bench.picture.update', [
                $this->stall,
                $this->world->listing($this->stall, Items::item([Items::variant('q')], id: 'Q')),
                $picture,
            ]),
            ['alt' => 'x'],
        )->assertNotFound();
    }

    public function test_the_crop_keeps_the_point_in_the_middle_as_far_as_the_edges_allow(): void
    {
        self::assertSame(
            ['width' => 900, 'height' => 900, 'left' => 350, 'top' => 0],
            (new Crop(50, 50, 100))->piece(1600, 900),
        );
        self::assertSame(
            ['width' => 450, 'height' => 450, 'left' => 1055, 'top' => 225],
            (new Crop(80, 50, 200))->piece(1600, 900),
        );
        self::assertSame(
            ['width' => 450, 'height' => 450, 'left' => 1150, 'top' => 450],
            (new Crop(100, 100, 200))->piece(1600, 900),
        );
        self::assertSame(
            ['width' => 450, 'height' => 450, 'left' => 0, 'top' => 0],
            (new Crop(0, 0, 200))->piece(1600, 900),
        );
    }

    public function test_pictures_that_are_the_same_or_too_small_are_marked_and_colours_are_not_taken_for_the_same(): void
    {
        Storage::fake('media');
        $listing = $this->world->listing($this->stall);
        foreach (
            [
                'shape' => [180, 40, 40, 1000, 90],
                'the same, smaller and harder pressed' => [180, 40, 40, 500, 40],
                'another colour' => [40, 60, 180, 1000, 90],
            ] as $name => [$r, $g, $b, $side, $quality]
        ) {
            $this->wantingJson()
                ->post(route('bench.pictures.store', [$this->stall, $listing]), [
                    'picture' => UploadedFile::fake()->createWithContent(
                        $name.'.jpg',
                        $this->shape($r, $g, $b, $side, $quality),
                    ),
                ])
                ->assertOk();
        }
        $notes = array_column(
            array_slice($this->getJson(route('bench.listing.view', [$this->stall, $listing]))->json('pictures.shown'), 1),
            'notes',
        );
        self::assertSame([[], ['Small: 500 × 500; it looks soft on a phone.', 'Looks like picture 2.'], []], $notes);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function draft(int $listing, string $manner = 'plain'): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(route('bench.draft', [$this->stall, $listing]), [
            'manner' => $manner,
            'fields' => ['title', 'words', 'search', 'alt'],
        ]);
    }

    private function shape(int $r, int $g, int $b, int $side, int $quality): string
    {
        $image = imagecreatetruecolor(max(1, $side), max(1, $side)) ?: self::fail('no image');
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 240, 232, 218));
        imagefilledellipse(
            $image,
            intdiv($side, 3),
            intdiv($side, 2),
            intdiv($side, 2),
            intdiv($side, 3),
            (int) imagecolorallocate($image, min(255, max(0, $r)), min(255, max(0, $g)), min(255, max(0, $b))),
        );
        imagefilledrectangle(
            $image,
            intdiv($side, 2),
            intdiv($side, 8),
            intdiv($side * 7, 8),
            intdiv($side, 3),
            (int) imagecolorallocate(
                $image,
                min(255, max(0, $r - 20)),
                min(255, max(0, $g - 20)),
                min(255, max(0, $b - 20)),
            ),
        );
        ob_start();
        imagejpeg($image, null, $quality);

        return (string) ob_get_clean();
    }
}
