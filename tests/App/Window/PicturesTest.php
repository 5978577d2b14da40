<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;

/** The stall's own pictures: sent, said in words, shown, and never another stall's. */
final class PicturesTest extends AppTestCase
{
    public function test_a_picture_is_sent_said_in_words_and_shown_in_a_section(): void
    {
        Storage::fake('media');
        $this->signIn();
        [$stall, $other] = [$this->world->stall(), $this->world->stall()];
        $id = $this->wantingJson()->post(route('window.logo', $stall), ['picture' => UploadedFile::fake()->image('shed.jpg', 800, 600)])->assertOk()->json('id');
        $this->patchJson(route('window.pictures.update', [$stall, $id]), ['alt' => ' Our shed '])->assertOk()->assertJsonPath('alt', 'Our shed');
        $this->getJson(route('window.pictures', $stall))->assertJsonPath('0.alt', 'Our shed');
        $this->getJson(route('window.pictures', $other))->assertExactJson([]);
        $this->patchJson(route('window.pictures.update', [$other, $id]), ['alt' => 'Mine'])->assertNotFound();
        $this->patchJson(route('window.pictures.update', [$stall, $id]), ['alt' => str_repeat('x', 201)])->assertUnprocessable();
        foreach ([[$stall, true], [$other, false]] as [$where, $shows]) {
            $look = $where->window()->firstOrFail()->workingContent()->look->toArray();
            $sections = [['kind' => 'story', 'settings' => ['heading' => 'Here', 'picture' => $id]], ['kind' => 'gallery', 'settings' => ['pictures' => [['picture' => $id, 'words' => '']]]]];
            app(DressWindow::class)->save($where, Content::from(['look' => $look, 'sections' => $sections]), 1);
            app(DressWindow::class)->publish($where, null);
            $page = $this->get($where->shopAddress('/'))->assertOk()->assertSee('Here');
            $shows ? $page->assertSee('alt="Our shed"', false) : $page->assertDontSee('Our shed');
        }
    }

    public function test_a_film_is_known_by_its_bytes_and_never_begins_by_itself(): void
    {
        Storage::fake('media');
        $this->signIn();
        [$stall, $other] = [$this->world->stall(), $this->world->stall()];
        $send = fn (string $bytes) => $this->wantingJson()->post(route('window.films.store', $stall), ['film' => UploadedFile::fake()->createWithContent('shed.mp4', $bytes)]);
        foreach (['no film', "\x89PNG\r\n", '', '<html>'] as $bytes) {
            $send($bytes)->assertUnprocessable();
        }
        $id = $send("\0\0\0\x20ftypisom".str_repeat("\0", 40))->assertOk()->assertJsonPath('name', 'shed.mp4')->json('id');
        $this->getJson(route('window.films', $other))->assertExactJson([]);
        foreach ([[$stall, true], [$other, false]] as [$where, $shows]) {
            $look = $where->window()->firstOrFail()->workingContent()->look->toArray();
            app(DressWindow::class)->save($where, Content::from(['look' => $look, 'sections' => [['kind' => 'film', 'settings' => ['film' => $id, 'heading' => 'At work']]]]), 1);
            app(DressWindow::class)->publish($where, null);
            $page = $this->get($where->shopAddress('/'))->assertOk()->assertDontSee('autoplay');
            $shows ? $page->assertSee('<video src="', false)->assertSee('preload="none"', false) : $page->assertDontSee('At work');
        }
    }
}
