<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\LookFile;
use WindowStall\Window\Window;

/** Looks that are offered, kept, said in a sentence, and carried as files. */
final class LooksToChooseTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        $this->world->inWindow($this->stall);
    }

    public function test_each_starter_is_shown_with_the_stalls_own_goods(): void
    {
        $starters = $this->getJson(route('window.looks', $this->stall))->assertOk()->json('starters');
        self::assertCount(8, $starters);
        foreach ($starters as $look) {
            $this->get($look['url'])
                ->assertOk()
                ->assertSee('Garden Trowel NEW')
                ->assertSee('build-'.$look['look']['build'], false)
                ->assertHeader('Cache-Control', 'no-store, private');
        }
        $this->get(str_replace('signature=', 'signature=0', $starters[0]['url']))->assertNotFound();
    }

    public function test_a_look_is_kept_let_go_and_never_seen_by_another_stall(): void
    {
        $kept = $this->postJson(route('window.looks.store', $this->stall), ['name' => 'For the fair'])
            ->assertOk()
            ->json('kept');
        self::assertSame(['For the fair'], array_column($kept, 'name'));
        $other = $this->world->stall();
        $this->getJson(route('window.looks', $other))->assertJsonPath('kept', []);
        $this->deleteJson(route('window.looks.destroy', [$other, $kept[0]['id']]))->assertNotFound();
        $this->getJson(route('window.looks', $this->stall))->assertJsonPath('kept.0.name', 'For the fair');
        $this->deleteJson(route('window.looks.destroy', [$this->stall, $kept[0]['id']]))->assertJsonPath('kept', []);
        $this->postJson(route('window.looks.store', $this->stall), ['name' => ' '])->assertUnprocessable();
    }

    public function test_a_sentence_says_what_was_understood_and_lays_three_out(): void
    {
        $said = $this->postJson(route('window.looks.said', $this->stall), ['words' => 'calm, beige, frumious'])
            ->assertOk()
            ->json();
        self::assertSame(
            [['calm', 'a ground of beige and grey'], ['beige', 'the colour #b5a48a']],
            array_map(static fn (array $u): array => [$u['value'], $u['label']], $said['understood']),
        );
        self::assertSame(['frumious'], $said['missed']);
        self::assertCount(3, $said['looks']);
        $this->get($said['looks'][0]['url'])->assertOk()->assertSee('Garden Trowel NEW');
    }

    public function test_a_look_goes_out_as_a_file_and_comes_in_the_same(): void
    {
        $file = (string) $this->get(route('window.looks.export', $this->stall))
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="look.tokens.json"')
            ->getContent();
        $tokens = json_decode($file, true);
        self::assertIsArray($tokens);
        self::assertSame(
            ['$value' => ['colorSpace' => 'srgb', 'components' => [0.1725, 0.3529, 0.2627], 'hex' => '#2c5a43']],
            $tokens['brand']['first'],
        );
        self::assertSame('color', $tokens['tone']['$type']);
        $read = $this->postJson(route('window.looks.read', $this->stall), ['file' => $file])
            ->assertOk()
            ->json();
        self::assertSame('Seed packet', $read['name']);
        self::assertEquals(LookForm::of(StarterLook::SeedPacket->plan()), $read['look']);
    }

    public function test_a_file_of_nonsense_is_refused_in_words_and_changes_nothing(): void
    {
        $before = Window::query()->findOrFail($this->stall->id)->working;
        $whole = LookFile::write(Window::query()->findOrFail($this->stall->id)->workingContent()->look);
        $broken = $whole;
        $broken['$extensions']['window-stall.look']['colours'] = ['javascript:alert(1)'];
        foreach (
            [
                '',
                '{',
                '[]',
                '{"$extensions":7}',
                str_repeat('[', 40),
                (string) json_encode($broken),
                str_repeat(' ', 70_000),
            ] as $file
        ) {
            $this->postJson(route('window.looks.read', $this->stall), ['file' => $file])->assertUnprocessable();
        }
        self::assertEquals($before, Window::query()->findOrFail($this->stall->id)->working);
    }

    public function test_colours_are_taken_from_the_logo(): void
    {
        Storage::fake('media');
        $image = imagecreatetruecolor(600, 200);
        imagefill($image, 0, 0, 0xFFFFFF);
        imagefilledrectangle($image, 40, 40, 360, 160, 0x24503B);
        imagefilledrectangle($image, 400, 40, 560, 160, 0xC8502F);
        ob_start();
        imagepng($image);
        $png = (string) ob_get_clean();
        $logo = $this->wantingJson()
            ->post(route('window.logo', $this->stall), [
                'picture' => UploadedFile::fake()->createWithContent('logo.png', $png),
            ])
            ->assertOk()
            ->json('logo');
        $content = Window::query()->findOrFail($this->stall->id)->workingContent()->toArray();
        $this->getJson(route('window.looks.logo-colours', $this->stall))->assertUnprocessable();
        $this->putJson(route('window.save', $this->stall), [
            'version' => 1,
            'look' => ['logo' => $logo] + $content['look'],
            'sections' => $content['sections'],
        ])->assertOk();
        $colours = $this->getJson(route('window.looks.logo-colours', $this->stall))->assertOk()->json('colours');
        self::assertCount(3, $colours);
        self::assertMatchesRegularExpression('/^#2[0-9a-f]5/', $colours[0]);
        self::assertMatchesRegularExpression('/^#c/', $colours[1]);
    }
}
