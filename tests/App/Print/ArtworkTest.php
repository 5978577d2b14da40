<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Print;

use Illuminate\Support\Facades\Process;
use Illuminate\Support\Facades\Storage;
use Inertia\Testing\AssertableInertia as Page;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Print\Artwork\Artwork;

/** Artwork is taken, read by a worker, and refused in a sentence where it can't be printed. */
final class ArtworkTest extends PrintTestCase
{
    public function test_a_file_is_sent_read_and_shown(): void
    {
        $file = self::leaf();
        $this->send($file, 'leaf_in-green.png')->assertCreated()->assertJsonPath('state', 'waiting');
        $artwork = $this->read(Artwork::of($this->stall)->sole());
        self::assertSame([Artwork::READY, 'Leaf in green', 'image/png'], [$artwork->state, $artwork->name, $artwork->type]);
        $facts = $artwork->read() ?? self::fail();
        self::assertSame([600, 900, false, true, 0], [$facts->width, $facts->height, $facts->vector, $facts->transparent, $facts->soft]);
        self::assertSame('#2e6b46', $facts->colours[0][0]);
        self::assertContains('It names no colour profile: sRGB is assumed.', $artwork->notes);
        $this->get(route('print.artwork.picture', [$this->stall, $artwork]))->assertOk()->assertHeader('Content-Type', 'image/png');
        $this->get(route('print', $this->stall))->assertInertia(fn (Page $page): Page => $page
            ->where('artworks.0.facts', '600 × 900 pixels, transparent ground')
            ->has('blanks', 9)
            ->where('frame.prints', true));

        $this->send($file, 'again.png')->assertStatus(422);
        self::assertSame(1, Artwork::of($this->stall)->count());
    }

    public function test_a_newer_version_stands_for_the_one_before(): void
    {
        $first = $this->artwork(self::leaf());
        $this->send(self::leaf(colour: '#884422'), 'x.png', $first)->assertCreated();
        $second = $this->read(Artwork::of($this->stall)->orderByDesc('id')->firstOrFail());
        self::assertSame([2, $first->id, 'Leaf, version 2'], [$second->version, $second->family(), $second->called()]);
        $this->get(route('print', $this->stall))->assertInertia(fn (Page $page): Page => $page
            ->has('artworks', 1)
            ->where('artworks.0.name', 'Leaf, version 2')
            // What is typed over: named with its version, it would be said twice.
            ->where('artworks.0.plain', 'Leaf')
            ->where('artworks.0.id', $second->id));
        $this->put(route('print.artwork.say', [$this->stall, $second]), ['name' => 'Leaf, brown', 'rights' => 'Ours'])
            ->assertSessionHas('say');
        $this->delete(route('print.artwork.remove', [$this->stall, $second]))->assertSessionHas('say');
        self::assertNotNull($second->refresh()->removed_at);
    }

    public function test_words_become_outlines_cut_to_what_is_drawn_and_can_be_changed(): void
    {
        $said = ['words' => "Grown,\nnot bought", 'face' => 'fraunces', 'colour' => '#7c1f42', 'align' => 'left'];
        $write = fn (array $with = []) => $this->postJson(route('print.words', $this->stall), $with + $said);
        $write()->assertCreated()->assertJsonPath('name', 'Grown, not bought')->assertJsonPath('lettering', $said);
        $artwork = $this->read(Artwork::of($this->stall)->sole());
        $facts = $artwork->read() ?? self::fail();
        self::assertSame([Artwork::READY, true, '#7c1f42'], [$artwork->state, $facts->vector, $facts->colours[0][0]]);
        $drawn = (string) Storage::get((string) $artwork->master);
        self::assertStringNotContainsString('<text', $drawn, 'nobody needs the typeface any more');
        // Two lines of about a thousand and of half that, not the sheet they were drawn on.
        self::assertGreaterThan(2, $facts->width / $facts->height);
        self::assertLessThan(4, $facts->width / $facts->height);
        $preview = imagecreatefromstring((string) Storage::get((string) $artwork->preview)) ?: self::fail();
        $ink = static fn (int $x): bool => array_filter(
            range(0, imagesy($preview) - 1),
            static fn (int $y): bool => (imagecolorat($preview, $x, $y) >> 24 & 127) < 64,
        ) !== [];
        self::assertTrue(array_filter(range(0, 30), $ink) !== [], 'it begins at its left edge');
        self::assertTrue(array_filter(range(imagesx($preview) - 30, imagesx($preview) - 1), $ink) !== [], 'and ends at its right one');

        $write()->assertStatus(422);
        $write(['face' => 'archivo-wide'])->assertCreated();
        $write(['words' => 'Dug, not bought', 'newer' => $artwork->id])->assertCreated()
            ->assertJsonPath('version', 2)
            ->assertJsonPath('name', 'Dug, not bought, version 2');
        $write(['words' => 'Łąka'])->assertStatus(422);
        $write(['newer' => 999_999])->assertNotFound();
        self::assertSame(3, Artwork::of($this->stall)->count());
    }

    public function test_an_svg_stays_a_drawing_and_a_page_of_a_pdf_becomes_pixels(): void
    {
        $svg = self::file('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 60" width="40" height="60">'.
            '<path d="M0 0h40v60H0z" fill="#b4472f"/></svg>');
        $drawn = $this->artwork($svg, 'square.svg');
        self::assertTrue($drawn->read()?->vector);
        self::assertSame('#b4472f', $drawn->read()->colours[0][0]);

        $pdf = (string) tempnam(sys_get_temp_dir(), 'pdf');
        Process::run(['rsvg-convert', '-f', 'pdf', '-o', $pdf, $svg, $svg, $svg])->throw();
        $page = $this->artwork($pdf, 'pages.pdf');
        self::assertSame([Artwork::READY, 'application/pdf'], [$page->state, $page->type]);
        self::assertContains('It has 3 pages; the first is taken.', $page->notes);
        self::assertFalse($page->read()?->vector);
    }

    public function test_cmyk_and_sixteen_bits_are_turned_into_what_is_printed(): void
    {
        $png = self::leaf(200, 200);
        [$jpeg, $deep] = [self::file('', '.jpg'), self::file('', '.png')];
        Process::run(['vips', 'flatten', $png, "$png.v", '--background', '255'])->throw();
        Process::run(['vips', 'icc_export', "$png.v", $jpeg, '--output-profile', 'cmyk'])->throw();
        Process::run("vips cast $png $png.v ushort --shift && vips copy $png.v $deep --interpretation rgb16")->throw();
        $printed = $this->artwork($jpeg, 'cmyk.jpg');
        self::assertSame(Artwork::READY, $printed->state, $printed->trouble);
        self::assertStringContainsString('CMYK', $printed->notes[0]);
        self::assertStringContainsString('16 bits', $this->artwork($deep, 'deep.png')->notes[0]);
    }

    /** @return iterable<string, array{callable(): string, string}> */
    public static function unfit(): iterable
    {
        yield 'one pixel' => [static fn (): string => self::leaf(1, 1), '1 × 1 pixels, too small'];
        yield 'nothing drawn' => [static function (): string {
            $clear = imagecreatetruecolor(60, 60) ?: self::fail();
            imagesavealpha($clear, true);
            imagefill($clear, 0, 0, (int) imagecolorallocatealpha($clear, 0, 0, 0, 127));
            imagepng($clear, $file = self::file(''));

            return $file;
        }, 'transparent all over'];
        yield 'cut off' => [static fn (): string => self::file(substr((string) file_get_contents(self::leaf()), 0, 900)), 'damaged'];
        yield 'no picture' => [static fn (): string => self::file('just words'), 'damaged or of a kind'];
        yield 'a script' => [static fn (): string => self::file('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'script'];
        yield 'a reference' => [
            static fn (): string => self::file('<svg xmlns="http://www.w3.org/2000/svg"><image href="https://elsewhere.example/x.png"/></svg>'),
            'refers',
        ];
        yield 'very many paths' => [
            static fn (): string => self::file('<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat('<path d="M0 0h1"/>', 50_000).'</svg>'),
            'SVG',
        ];
        // A head that promises 90,000 × 90,000 pixels.
        yield 'a bomb' => [static function (): string {
            $bytes = (string) file_get_contents(self::leaf(40, 40));
            $head = 'IHDR'.pack('N2', 90_000, 90_000).substr($bytes, 24, 5);

            return self::file(substr($bytes, 0, 12).$head.pack('N', crc32($head)).substr($bytes, 33));
        }, '8100 megapixels'];
    }

    /** @param  callable(): string  $file */
    #[DataProvider('unfit')]
    public function test_what_cant_be_printed_is_refused_in_a_sentence(callable $file, string $why): void
    {
        $artwork = $this->artwork($file());
        self::assertSame(Artwork::REFUSED, $artwork->state);
        self::assertStringContainsString($why, $artwork->trouble);
        self::assertNull($artwork->facts);
    }

    public function test_an_empty_file_and_none_at_all_are_refused_at_once(): void
    {
        $this->send(self::file(''), 'empty.png')->assertStatus(422);
        $this->wantingJson()->post(route('print.artwork.send', $this->stall))->assertStatus(422);
        self::assertSame(0, Artwork::of($this->stall)->count());
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $file, string $name, ?Artwork $newer = null): \Illuminate\Testing\TestResponse
    {
        return $this->wantingJson()->post(
            route('print.artwork.send', $this->stall),
            ['file' => self::upload($file, $name)] + ($newer === null ? [] : ['newer' => $newer->id]),
        );
    }

    private static function file(string $bytes, string $ending = ''): string
    {
        $file = tempnam(sys_get_temp_dir(), 'art').$ending;
        file_put_contents($file, $bytes);

        return $file;
    }
}
