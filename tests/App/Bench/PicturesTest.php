<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Bench\Jobs\MakePicture;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\PictureQueue;
use WindowStall\Core\Source\Item;
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
        $this->upload($stall, $listing, UploadedFile::fake()->image('mine.jpg', 1600, 900))
            ->assertOk()
            ->assertJsonPath('pictures.held', true)
            ->assertJsonCount(2, 'pictures.shown');
        $picture = Picture::query()->whereNull('source')->where('listing_id', $listing->id)->firstOrFail();
        self::assertSame([1200, 675], [$picture->width, $picture->height]);
        foreach (PictureSizes::WIDTHS as $width) {
            Storage::disk('media')->assertExists($picture->path.'-'.$width.'.webp');
        }
        Storage::disk('media')->assertExists($picture->path.'-640.jpg');
    }

    public function test_goods_on_the_bench_get_their_pictures_before_all_others_but_not_a_crowd_of_one_stall(): void
    {
        Queue::fake([FetchPictures::class]);
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        Queue::assertPushedOn(PictureQueue::FIRST, FetchPictures::class);

        $waiting = ['stall_id' => $stall->id, 'listing_id' => $listing->id, 'state' => Picture::WAITING];
        for ($n = 0; $n < 61; $n++) {
            Picture::query()->create($waiting + ['source' => 'https://pictures.example/'.$n.'.png']);
        }
        self::assertSame(PictureQueue::LATER, PictureQueue::of($stall->id));
        self::assertSame(PictureQueue::FIRST, PictureQueue::of($this->world->stall()->id), 'the others go on');
    }

    /** @return iterable<string, array{UploadedFile|null, string}> */
    public static function badFiles(): iterable
    {
        yield 'nothing' => [null, 'Choose a picture first.'];
        yield 'text with a picture’s name' => [
            UploadedFile::fake()->createWithContent('a.png', 'no picture at all'),
            'This file is no picture. Choose a JPEG, PNG or WebP.',
        ];
        yield 'a drawing with a script' => [
            UploadedFile::fake()->createWithContent(
                'a.png',
                '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            ),
            'An SVG drawing can carry scripts, so it isn’t taken. Save it as PNG, JPEG or WebP.',
        ];
        yield 'forty megabytes' => [
            UploadedFile::fake()->create('a.jpg', 40 * 1024, 'image/jpeg'),
            'The picture is larger than 12 MB. Make it smaller and try again.',
        ];
        yield 'a stamp' => [
            UploadedFile::fake()->image('a.png', 40, 40),
            'The picture is 40 × 40, too small to be seen well: 160 a side is the least.',
        ];
        yield 'small as a file, huge when opened' => [
            UploadedFile::fake()->createWithContent('a.png', self::png(8000, 8000)),
            'The picture has 64 million pixels (8000 × 8000); 40 million are the most.',
        ];
        yield 'too long' => [
            UploadedFile::fake()->createWithContent('a.png', self::png(200, 9001)),
            'The picture is 200 × 9001; 9000 a side is the most.',
        ];
    }

    #[DataProvider('badFiles')]
    public function test_a_file_that_wont_do_gets_a_sentence_and_leaves_nothing(
        ?UploadedFile $file,
        string $sentence,
    ): void {
        Storage::fake('media');
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $this->upload($stall, $listing, $file)->assertUnprocessable()->assertJsonPath('message', $sentence);
        self::assertSame([], Storage::disk('media')->allFiles());
        self::assertSame(1, $listing->pictures()->count());
    }

    public function test_one_that_only_shows_as_damaged_when_opened_says_so_in_its_place(): void
    {
        Storage::fake('media');
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $half = substr((string) UploadedFile::fake()->image('b.png', 300, 300)->getContent(), 0, 60);
        $this->upload($stall, $listing, UploadedFile::fake()->createWithContent('a.png', $half))
            ->assertOk()
            ->assertJsonPath(
                'pictures.spare.0.trouble',
                'This picture is damaged and can’t be opened. Save it again and retry.',
            );
        self::assertSame([], Storage::disk('media')->allFiles());
    }

    public function test_a_picture_is_opened_by_the_pictures_worker_and_lies_out_of_reach_till_then(): void
    {
        Storage::fake('media');
        Storage::fake('local');
        Queue::fake();
        $this->signIn();
        $stall = $this->world->stall();
        $listing = $this->world->listing($stall);
        $this->upload($stall, $listing, UploadedFile::fake()->image('mine.jpg', 900, 900))
            ->assertOk()
            ->assertJsonPath('pictures.waiting', 1);
        Queue::assertPushedOn('pictures', MakePicture::class);
        self::assertSame([], Storage::disk('media')->allFiles());
        $picture = $listing->pictures()->whereNotNull('incoming')->firstOrFail();
        (new MakePicture($picture->id))->handle(new PictureSizes());
        self::assertSame(
            [Picture::READY, null, []],
            [$picture->refresh()->state, $picture->incoming, Storage::disk('local')->allFiles()],
        );
    }

    public function test_the_whole_that_is_kept_says_nothing_of_the_camera_and_has_a_name_nobody_can_work_out(): void
    {
        Storage::fake('media');
        $jpeg = (string) UploadedFile::fake()->image('mine.jpg', 3000, 1500)->getContent();
        $secret = 'Somebody’s garden at 51.5, -0.1';
        $exif = "Exif\0\0".$secret;
        $tagged = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
        $made = (new PictureSizes())->make($tagged, '1/2');
        $again = (new PictureSizes())->make($tagged, '1/2');
        self::assertNotSame($made['original'], $again['original']);
        self::assertMatchesRegularExpression('#^1/2/[0-9a-f]{32}-whole\.jpg$#', $made['original']);
        foreach (Storage::disk('media')->allFiles() as $file) {
            self::assertStringNotContainsString($secret, (string) Storage::disk('media')->get($file));
        }
        [$width, $height] =
            getimagesizefromstring((string) Storage::disk('media')->get($made['original'])) ?: self::fail();
        self::assertSame([2400, 1200], [$width, $height]);
    }

    #[TestWith([0, 'jpg'], 'opaque')]
    #[TestWith([127, 'webp'], 'a hole of 20 pixels')]
    #[TestWith([40, 'webp'], 'a pane')]
    public function test_the_whole_of_what_can_be_seen_through_stays_so(int $alpha, string $ending): void
    {
        Storage::fake('media');
        $image = imagecreatetruecolor(1000, 800);
        self::assertNotFalse($image);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 40, 90, 60));
        imagefilledrectangle($image, 500, 300, 519, 319, (int) imagecolorallocatealpha($image, 200, 90, 60, max(0, min(127, $alpha))));
        ob_start();
        imagepng($image);
        $made = (new PictureSizes())->make((string) ob_get_clean(), '1/2');

        self::assertStringEndsWith('-whole.'.$ending, $made['original']);
        $kept = imagecreatefromstring((string) Storage::disk('media')->get($made['original']));
        self::assertNotFalse($kept);
        self::assertEqualsWithDelta($alpha, imagecolorat($kept, 510, 310) >> 24 & 0x7F, 3);
    }

    public function test_a_suppliers_pictures_are_fetched_once_and_only_from_public_addresses(): void
    {
        Storage::fake('media');
        $stall = $this->world->stall();
        $good = config('stall.oakum.address').'/pictures/OD-1014/0-x.png';
        $listing = $this->world->listing($stall, Items::item([Items::variant('a')], picture: $good));
        $listing->pictures()->update(['state' => Picture::WAITING, 'path' => null]);
        $listing
            ->pictures()
            ->create([
                'stall_id' => $stall->id,
                'source' => 'http://127.0.0.1:54820/secret.png',
                'state' => Picture::WAITING,
            ]);
        $listing
            ->pictures()
            ->create([
                'stall_id' => $stall->id,
                'source' => config('stall.oakum.address').'/pictures/OD-1014/77-x.png',
                'state' => Picture::WAITING,
            ]);
        app()->call([new FetchPictures($listing->id), 'handle']);
        self::assertSame(
            [Picture::READY, Picture::FAILED, Picture::FAILED],
            $listing->pictures()->pluck('state')->all(),
        );
        self::assertSame(
            [
                'An address that is called from here begins with https://.',
                'oakum.standins.localhost didn’t give the file (it answered 404). Check the address.',
            ],
            $listing->pictures()->whereNotNull('trouble')->pluck('trouble')->all(),
        );
        $written = Storage::disk('media')->allFiles();
        app()->call([new FetchPictures($listing->id), 'handle']);
        self::assertSame($written, Storage::disk('media')->allFiles());
    }

    public function test_pictures_lie_in_the_suppliers_order_and_the_leading_one_of_each_is_fetched_first(): void
    {
        Queue::fake([FetchPictures::class]);
        $stall = $this->world->stall($this->signIn());
        $names = array_map(static fn (int $n): string => 'http://oakum.standins.localhost/'.hash('xxh32', (string) $n).'.png', range(1, 9));
        $item = Item::fromArray(['pictures' => $names] + Items::item([Items::variant('a')])->toArray());
        $listing = $this->world->listing($stall, $item);
        self::assertSame($names, $listing->pictures()->pluck('source')->all());
        Queue::assertPushed(FetchPictures::class, static fn (FetchPictures $job): bool => $job->listingId === $listing->id && $job->leading);

        $listing->pictures()->update(['state' => Picture::WAITING]);
        app()->call([new FetchPictures($listing->id, leading: true), 'handle']);
        $tried = $listing->pictures()->where('state', '<>', Picture::WAITING)->pluck('source')->all();
        self::assertSame([$names[0]], $tried, 'one only');
        Queue::assertPushed(FetchPictures::class, static fn (FetchPictures $job): bool => $job->listingId === $listing->id && ! $job->leading);
    }

    /** The head of a PNG file that says it is so large. */
    private static function png(int $width, int $height): string
    {
        return "\x89PNG\r\n\x1a\n".
            pack('N', 13).
            'IHDR'.
            pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0).
            pack('N', 0);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(
        \WindowStall\Stall\Stall $stall,
        \WindowStall\Bench\Listing $listing,
        ?UploadedFile $file,
    ): \Illuminate\Testing\TestResponse {
        return $this->wantingJson()->post(route('bench.pictures.store', [$stall, $listing]), ['picture' => $file]);
    }
}
