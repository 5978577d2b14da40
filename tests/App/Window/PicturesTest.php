<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Look\DrawnGround;
use WindowStall\Support\Pictures\Crop;
use WindowStall\Support\Pictures\Cut;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** The stall's own pictures: sent, said in words, shown, and never another stall's. */
final class PicturesTest extends AppTestCase
{
    public function test_a_picture_is_sent_said_in_words_and_shown_in_a_section(): void
    {
        Storage::fake('media');
        $this->signIn();
        [$stall, $other] = [$this->world->stall(), $this->world->stall()];
        $id = $this->wantingJson()
            ->post(route('window.logo', $stall), [
                'as' => 'picture',
                'picture' => UploadedFile::fake()->image('shed.jpg', 800, 600),
            ])
            ->assertOk()
            ->json('id');
        $this->patchJson(route('window.pictures.update', [$stall, $id]), ['alt' => ' Our shed '])
            ->assertOk()
            ->assertJsonPath('alt', 'Our shed');
        $this->getJson(route('window.pictures', $stall))->assertJsonPath('0.alt', 'Our shed');
        $this->getJson(route('window.pictures', $other))->assertExactJson([]);
        $this->patchJson(route('window.pictures.update', [$other, $id]), ['alt' => 'Mine'])->assertNotFound();
        $this->patchJson(route('window.pictures.update', [$stall, $id]), [
            'alt' => str_repeat('x', 201),
        ])->assertUnprocessable();
        foreach ([[$stall, true], [$other, false]] as [$where, $shows]) {
            $look = Window::of($where)->firstOrFail()->workingContent()->look->toArray();
            $sections = [
                ['kind' => 'story', 'settings' => ['heading' => 'Here', 'picture' => $id]],
                ['kind' => 'gallery', 'settings' => ['pictures' => [['picture' => $id, 'words' => '']]]],
            ];
            app(DressWindow::class)->save($where, Content::from(['look' => $look, 'sections' => $sections]), 1);
            app(DressWindow::class)->publish($where, null);
            $page = $this->get($where->shopAddress('/'))->assertOk()->assertSee('Here');
            $shows ? $page->assertSee('alt="Our shed"', false) : $page->assertDontSee('Our shed');
        }
    }

    public function test_a_picture_is_cut_around_its_point_and_says_where_it_stands(): void
    {
        Storage::fake('media');
        $this->signIn();
        $stall = $this->world->stall();
        $id = $this->wantingJson()
            ->post(route('window.logo', $stall), [
                'as' => 'picture',
                'picture' => UploadedFile::fake()->image('shed.jpg', 800, 600),
            ])
            ->assertOk()
            ->json('id');
        $say = fn (array $own) => $this->patchJson(route('window.pictures.update', [$stall, $id]), $own);
        $say([])
            ->assertOk()
            ->assertJson(['width' => 800, 'height' => 600, 'cut' => 'whole', 'used' => []]);
        $say(['cut' => 'square', 'x' => 90, 'y' => 50])
            ->assertOk()
            ->assertJson(['width' => 600, 'height' => 600, 'x' => 90]);
        $say(['zoom' => 200])
            ->assertOk()
            ->assertJson(['width' => 300, 'height' => 300, 'cut' => 'square']);
        foreach ([['cut' => 'round'], ['x' => 101], ['zoom' => 99], ['zoom' => null], ['y' => 'top']] as $nonsense) {
            $say($nonsense)->assertUnprocessable();
        }
        $look = Window::of($stall)->firstOrFail()->workingContent()->look->toArray();
        app(DressWindow::class)->save(
            $stall,
            Content::from([
                'look' => $look,
                'sections' => [
                    ['kind' => 'hero', 'settings' => ['words' => 'Here', 'picture' => $id, 'listing' => null]],
                    ['kind' => 'gallery', 'settings' => ['pictures' => [['picture' => $id, 'words' => '']]]],
                ],
            ]),
            1,
        );
        $this->getJson(route('window.pictures', $stall))->assertJsonPath('0.used', ['Hero', 'Gallery']);
        app(DressWindow::class)->publish($stall, null);
        // The point lies at 0.9 of 800, in a piece that ends at the right edge: 720 of 500 to 800.
        $this->get($stall->shopAddress('/'))->assertSee('--at:73% 50%', false)->assertSee('--focus:73% 50%', false);
    }

    public function test_the_point_that_stays_in_view_is_found_again_in_every_cut(): void
    {
        self::assertSame(
            ['width' => 800, 'height' => 450, 'left' => 0, 'top' => 75],
            (new Crop(50, 50, 100, Cut::Wide))->piece(800, 600),
        );
        self::assertSame(
            ['width' => 480, 'height' => 600, 'left' => 320, 'top' => 0],
            (new Crop(100, 0, 100, Cut::Upright))->piece(800, 600),
        );
        self::assertSame(
            ['width' => 400, 'height' => 300, 'left' => 0, 'top' => 300],
            (new Crop(0, 100, 200, Cut::Whole))->piece(800, 600),
        );
        foreach (Cut::cases() as $cut) {
            foreach ([0, 13, 50, 87, 100] as $x) {
                foreach ([100, 170, 300] as $zoom) {
                    $crop = new Crop($x, 100 - $x, $zoom, $cut);
                    $piece = $crop->piece(1_234, 777);
                    [$seenX, $seenY] = $crop->seen(1_234, 777);
                    self::assertEqualsWithDelta(
                        (1_234 * $x) / 100,
                        $piece['left'] + ($piece['width'] * $seenX) / 100,
                        13,
                        $crop->key(),
                    );
                    self::assertEqualsWithDelta(
                        (777 * (100 - $x)) / 100,
                        $piece['top'] + ($piece['height'] * $seenY) / 100,
                        9,
                        $crop->key(),
                    );
                }
            }
        }
    }

    public function test_drawn_grounds_wear_the_looks_tones_and_become_pictures(): void
    {
        Storage::fake('media');
        $this->signIn();
        $stall = $this->world->stall();
        $tones = Window::of($stall)->firstOrFail()->workingContent()->look->tones();
        $offered = $this->getJson(route('window.grounds', $stall))
            ->assertOk()
            ->assertJsonCount(count(DrawnGround::cases()))
            ->json();
        self::assertStringContainsString(
            $tones->get('fill')->toHex(),
            (string) base64_decode(substr((string) array_column($offered, 'picture', 'key')['leaves'], 26)),
        );
        $id = $this->postJson(route('window.grounds.store', $stall), ['ground' => 'hills'])
            ->assertOk()
            ->assertJsonPath('trouble', null)
            ->json('id');
        $this->getJson(route('window.pictures', $stall))
            ->assertJsonPath('0.id', $id)
            ->assertJsonPath('0.alt', 'Hills behind hills')
            ->assertJsonPath('0.width', 1_200);
        $this->postJson(route('window.grounds.store', $stall), ['ground' => 'swamp'])->assertUnprocessable();
    }

    public function test_a_film_is_known_by_its_bytes_and_never_begins_by_itself(): void
    {
        Storage::fake('media');
        $this->signIn();
        [$stall, $other] = [$this->world->stall(), $this->world->stall()];
        $send = fn (string $bytes) => $this->wantingJson()->post(route('window.films.store', $stall), [
            'film' => UploadedFile::fake()->createWithContent('shed.mp4', $bytes),
        ]);
        foreach (['no film', "\x89PNG\r\n", '', '<html>'] as $bytes) {
            $send($bytes)->assertUnprocessable();
        }
        $id = $send("\0\0\0\x20ftypisom".str_repeat("\0", 40))
            ->assertOk()
            ->assertJsonPath('name', 'shed.mp4')
            ->json('id');
        $this->getJson(route('window.films', $other))->assertExactJson([]);
        foreach ([[$stall, true], [$other, false]] as [$where, $shows]) {
            $look = Window::of($where)->firstOrFail()->workingContent()->look->toArray();
            app(DressWindow::class)->save(
                $where,
                Content::from([
                    'look' => $look,
                    'sections' => [['kind' => 'film', 'settings' => ['film' => $id, 'heading' => 'At work']]],
                ]),
                1,
            );
            app(DressWindow::class)->publish($where, null);
            $page = $this->get($where->shopAddress('/'))->assertOk()->assertDontSee('autoplay');
            $shows
                ? $page->assertSee('<video src="', false)->assertSee('preload="none"', false)
                : $page->assertDontSee('At work');
        }
    }
}
