<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Window;

final class WindowTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_a_change_is_seen_in_the_preview_at_once_and_by_shoppers_once_published(): void
    {
        $preview = $this->save($this->content(['hero' => ['words' => 'Beans & <b>leeks</b>']]))->assertOk()->assertJsonPath('changed', true)->json('previewUrl');
        self::assertIsString($preview);
        $this->get($preview)->assertOk()->assertSee('Beans &amp; &lt;b&gt;leeks&lt;/b&gt;', false);
        $this->get($this->stall->shopAddress('/'))->assertOk()->assertDontSee('Beans');
        $this->postJson(route('window.publish', $this->stall))->assertOk()->assertJsonPath('changed', false);
        $this->get($this->stall->shopAddress('/'))->assertSee('Beans');
    }

    public function test_one_goes_back_to_what_is_published(): void
    {
        $before = $this->window()->working;
        $this->save($this->content(['hero' => ['words' => 'A mistake']]));
        $this->postJson(route('window.back', $this->stall))->assertOk()->assertJsonPath('changed', false);
        self::assertEquals($before, $this->window()->working);
    }

    public function test_sections_are_added_removed_and_reordered(): void
    {
        $content = $this->content();
        $content['sections'] = [['id' => 'x', 'kind' => 'goods', 'settings' => ['heading' => 'First']], ['id' => 'y', 'kind' => 'foot', 'settings' => []], ['id' => 'z', 'kind' => 'goods', 'settings' => ['heading' => 'Second']]];
        $this->save($content)->assertOk()->assertJsonPath('sections.0.summary', 'First · 4 newest');
        $this->postJson(route('window.publish', $this->stall));
        $this->get($this->stall->shopAddress('/'))->assertSeeInOrder(['First', 'Second'])->assertDontSee('class="hero');
    }

    public function test_two_people_dressing_one_window_dont_overwrite_each_other(): void
    {
        $content = $this->content();
        $this->save($content)->assertOk();
        $this->save($content)->assertUnprocessable()->assertJsonPath('message', 'Somebody else has changed this window meanwhile. Load the page again to see it.');
    }

    public function test_one_brand_colour_reaches_every_tone_of_the_shop(): void
    {
        $content = $this->content();
        $content['look']['brand'] = '#7a2b4a';
        $this->save($content)->assertOk()->assertJsonPath('tones.fill', '#7a2b4a');
        $this->postJson(route('window.publish', $this->stall));
        $this->get($this->stall->shopAddress('/'))->assertSee('--fill:#7a2b4a;', false);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no colour' => [['look' => ['brand' => 'red;}body{display:none']], '“red;}body{display:no” is no colour. Write # and six digits, such as #2c5a43.'];
        yield 'no such look' => [['look' => ['starter' => 'other']], 'There is no such starter look.'];
        yield 'no wordmark' => [['look' => ['wordmark' => ' ']], 'The wordmark needs 1 to 40 letters.'];
        yield 'no such section' => [['sections' => [['id' => 'a', 'kind' => 'slides', 'settings' => []]]], 'There is no section of that kind.'];
        yield 'too long' => [['sections' => [['id' => 'a', 'kind' => 'notice', 'settings' => ['words' => str_repeat('x', 91)]]]], '“Words” has 91 letters; 90 is the most.'];
        yield 'too many' => [['sections' => array_fill(0, 21, ['id' => 'a', 'kind' => 'notice', 'settings' => []])], 'A homepage has 20 sections at the most; shoppers don’t see the rest.'];
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
        $this->wantingJson()->post(route('window.logo', $this->stall), ['picture' => UploadedFile::fake()->createWithContent('logo.svg', '<?xml version="1.0"?><svg onload="alert(1)"/>')])->assertUnprocessable()->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'SVG'));
        $logo = $this->wantingJson()->post(route('window.logo', $this->stall), ['picture' => UploadedFile::fake()->image('logo.png', 600, 200)])->assertOk()->assertJsonPath('waits', false)->json('logo');
        self::assertIsArray($logo);
        $content = $this->content();
        $content['look']['logo'] = $logo;
        $preview = $this->save($content)->assertOk()->json('previewUrl');
        self::assertIsString($preview);
        $this->get($preview)->assertSee($logo['path'].'-320.webp', false);
    }

    public function test_a_logo_of_another_stall_is_refused(): void
    {
        $other = $this->world->stall();
        $path = $other->id.'/logo/0123456789abcdef';
        $other->pictures()->create(['state' => 'ready', 'path' => $path, 'width' => 600, 'height' => 200]);
        $content = $this->content();
        $content['look']['logo'] = ['path' => $path, 'width' => 600, 'height' => 200];
        $this->save($content)->assertUnprocessable()->assertJsonPath('message', 'This logo isn’t the stall’s own. Send it again.');
    }

    public function test_a_preview_opens_only_by_its_signed_address(): void
    {
        $this->get($this->stall->shopAddress('/preview/home/1'))->assertNotFound();
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

        return ['version' => $this->window()->version, 'look' => $look, 'sections' => array_map(static fn (array $s): array => ['settings' => ($settings[$s['kind']] ?? []) + $s['settings']] + $s, $sections)];
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
