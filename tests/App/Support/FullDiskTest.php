<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use WindowStall\Bench\Jobs\MakePicture;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Shop\Ready\PageFolder;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** A disk on which nothing can be written: whoever asks gets a sentence or their page, and nothing is lost or half. */
final class FullDiskTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->signIn();
    }

    public function test_a_picture_that_cant_be_kept_is_refused_in_a_sentence_and_nothing_is_stored(): void
    {
        $file = UploadedFile::fake()->image('trowel.jpg', 800, 800);
        $answer = $this->full(
            fn () => $this->wantingJson()->post(route('window.logo', $this->stall), ['as' => 'picture', 'picture' => $file]),
        );
        $answer->assertStatus(507)->assertJsonPath(
            'message',
            'There is no room left here to keep that. Nothing was changed; try again in a while.',
        );
        self::assertSame(0, Picture::query()->where('stall_id', $this->stall->id)->count());
    }

    public function test_a_picture_whose_sizes_cant_be_kept_waits_and_is_made_once_there_is_room(): void
    {
        Queue::fake();
        $this->wantingJson()->post(route('window.logo', $this->stall), [
            'as' => 'picture',
            'picture' => UploadedFile::fake()->image('trowel.jpg', 800, 800),
        ]);
        $picture = Picture::query()->where('stall_id', $this->stall->id)->firstOrFail();

        $this->full(fn () => app()->call((new MakePicture($picture->id))->handle(...)));

        self::assertSame([Picture::WAITING, null], [$picture->refresh()->state, $picture->trouble]);
        Queue::assertPushed(MakePicture::class, static fn (MakePicture $job): bool => $job->delay > 0);
        app()->call((new MakePicture($picture->id))->handle(...));
        self::assertSame(Picture::READY, $picture->refresh()->state);
        self::assertSame([], Storage::allFiles('pictures/'.$this->stall->id), 'what was sent isn’t kept twice');
    }

    public function test_a_shopper_gets_the_page_that_cant_be_kept_ready_and_no_half_of_it_is_left(): void
    {
        $this->get($this->stall->shopAddress('/policies/returns'));
        $pages = PageFolder::of($this->stall);
        $pages->follow(ShopState::of($this->stall));
        $folder = storage_path('pages/'.$this->stall->handle.'.'.config('stall.shops_host'));

        $page = $this->full(fn () => $this->get($this->stall->shopAddress('/')));

        $page->assertOk()->assertSee('Quillet');
        self::assertSame([], File::allFiles($folder.'/current'));
        $this->get($this->stall->shopAddress('/'));
        self::assertFileExists($folder.'/current/index.html', 'kept once there is room');
        File::deleteDirectory($folder);
    }

    /**
     * Files written meanwhile can't be longer than nothing: to the program that is a full disk.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function full(callable $do): mixed
    {
        // Otherwise the process is ended where it writes.
        pcntl_signal(SIGXFSZ, SIG_IGN);
        posix_setrlimit(POSIX_RLIMIT_FSIZE, 0, -1);
        try {
            return $do();
        } finally {
            posix_setrlimit(POSIX_RLIMIT_FSIZE, -1, -1);
            pcntl_signal(SIGXFSZ, SIG_DFL);
        }
    }
}
