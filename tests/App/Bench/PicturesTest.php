<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Bench\Picture;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class PicturesTest extends AppTestCase
{
    public function test_an_uploaded_picture_is_made_into_the_shops_sizes_and_shown(): void
    {
        Storage::fake('media');
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $this->upload($stall, $listing, UploadedFile::fake()->image('mine.jpg', 1600, 900))->assertOk()->assertJsonPath('picturesHeld', true)->assertJsonCount(2, 'pictures');
        $picture = Picture::query()->whereNull('source')->where('listing_id', $listing->id)->firstOrFail();
        self::assertSame([1200, 675], [$picture->width, $picture->height]);
        foreach (PictureSizes::WIDTHS as $width) {
            Storage::disk('media')->assertExists($picture->path.'-'.$width.'.webp');
        }
        Storage::disk('media')->assertExists($picture->path.'-640.jpg');
    }

    /** @return iterable<string, array{UploadedFile|null, string}> */
    public static function badFiles(): iterable
    {
        yield 'nothing' => [null, 'Choose a picture first.'];
        yield 'text with a picture’s name' => [UploadedFile::fake()->createWithContent('a.png', 'no picture at all'), 'This file is no picture. Choose a JPEG, PNG or WebP.'];
        yield 'a drawing with a script' => [UploadedFile::fake()->createWithContent('a.png', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'), 'An SVG drawing can carry scripts, so it isn’t taken. Save it as PNG, JPEG or WebP.'];
        yield 'forty megabytes' => [UploadedFile::fake()->create('a.jpg', 40 * 1024, 'image/jpeg'), 'The picture is larger than 12 MB. Make it smaller and try again.'];
        yield 'a stamp' => [UploadedFile::fake()->image('a.png', 40, 40), 'The picture is 40 × 40, too small to be seen well: 160 a side is the least.'];
        yield 'half a picture' => [UploadedFile::fake()->createWithContent('a.png', substr((string) UploadedFile::fake()->image('b.png', 300, 300)->getContent(), 0, 60)), 'This picture is damaged and can’t be opened. Save it again and retry.'];
    }

    #[DataProvider('badFiles')]
    public function test_a_file_that_wont_do_gets_a_sentence_and_leaves_nothing(?UploadedFile $file, string $sentence): void
    {
        Storage::fake('media');
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $this->upload($stall, $listing, $file)->assertUnprocessable()->assertJsonPath('message', $sentence);
        self::assertSame([], Storage::disk('media')->allFiles());
        self::assertSame(1, $listing->pictures()->count());
    }

    public function test_a_suppliers_pictures_are_fetched_once_and_only_from_public_addresses(): void
    {
        Storage::fake('media');
        $stall = $this->world->stall();
        $good = config('stall.oakum.address').'/pictures/OD-1014/0-x.png';
        $listing = $this->world->listing($stall, Items::item([Items::variant('a')], picture: $good));
        $listing->pictures()->update(['state' => Picture::WAITING, 'path' => null]);
        $listing->pictures()->create(['stall_id' => $stall->id, 'source' => 'http://127.0.0.1:54820/secret.png', 'state' => Picture::WAITING]);
        $listing->pictures()->create(['stall_id' => $stall->id, 'source' => config('stall.oakum.address').'/pictures/OD-1014/77-x.png', 'state' => Picture::WAITING]);
        app()->call([new FetchPictures($listing->id), 'handle']);
        self::assertSame([Picture::READY, Picture::FAILED, Picture::FAILED], $listing->pictures()->pluck('state')->all());
        self::assertSame(['A supplier’s address begins with https://.', 'oakum.standins.localhost didn’t give the file (it answered 404). Check the address.'], $listing->pictures()->whereNotNull('trouble')->pluck('trouble')->all());
        $written = Storage::disk('media')->allFiles();
        app()->call([new FetchPictures($listing->id), 'handle']);
        self::assertSame($written, Storage::disk('media')->allFiles());
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(\WindowStall\Stall\Stall $stall, \WindowStall\Bench\Listing $listing, ?UploadedFile $file): \Illuminate\Testing\TestResponse
    {
        return $this->wantingJson()->post(route('bench.pictures.store', [$stall, $listing]), ['picture' => $file]);
    }
}
