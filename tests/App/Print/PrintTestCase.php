<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Print;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Artwork\ReadFile;
use WindowStall\Print\Artwork\SendArtwork;
use WindowStall\Print\Jobs\ReadArtwork;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\Placed;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Tannet\Books;
use WindowStall\Tests\App\AppTestCase;

/** A stall with the print house's blanks. */
abstract class PrintTestCase extends AppTestCase
{
    protected Stall $stall;

    protected SupplierConnection $house;

    protected function setUp(): void
    {
        parent::setUp();
        foreach (['orders', 'files', 'events', 'out_of_stock'] as $table) {
            Books::db()->table($table)->delete();
        }
        config(['stall.print.side' => 400]);
        $this->stall = $this->world->stall($this->signIn());
        $this->house = app(ConnectSupplier::class)(
            $this->stall,
            'tannet',
            (string) config('stall.tannet.address'),
            'tannet-second-key',
        );
        app(StartPull::class)($this->house, null);
        Queue::fake([ReadArtwork::class, \WindowStall\Bench\Jobs\FetchPictures::class]);
    }

    /** A file of that name with a drawing: a green leaf on nothing. */
    protected static function leaf(int $width = 600, int $height = 900, string $colour = '#2e6b46'): string
    {
        $picture = imagecreatetruecolor(max(1, $width), max(1, $height)) ?: self::fail();
        imagesavealpha($picture, true);
        imagefill($picture, 0, 0, (int) imagecolorallocatealpha($picture, 0, 0, 0, 127));
        // As the library has it: opaque is 0.
        $green = (int) hexdec(substr($colour, 1));
        imagefilledellipse($picture, intdiv($width, 2), intdiv($height, 2), intdiv($width * 8, 10), intdiv($height * 9, 10), $green);
        $file = (string) tempnam(sys_get_temp_dir(), 'leaf');
        imagepng($picture, $file);

        return $file;
    }

    /** An artwork that was sent and read. */
    protected function artwork(string $file, string $called = 'leaf.png'): Artwork
    {
        $artwork = app(SendArtwork::class)($this->stall, $file, $called);

        return $this->read($artwork);
    }

    protected function read(Artwork $artwork): Artwork
    {
        (new ReadArtwork($artwork->id))->handle(app(ReadFile::class));

        return $artwork->refresh();
    }

    protected function blank(string $code): SupplierItem
    {
        return SupplierItem::of($this->stall)->with(['words', 'variants', 'connection'])->where('external_id', $code)->firstOrFail();
    }

    protected function lay(Artwork $artwork, string $blank): Placed
    {
        return app(LayOut::class)->new($this->stall, $this->blank($blank), $artwork);
    }

    protected static function upload(string $file, string $name): UploadedFile
    {
        return new UploadedFile($file, $name, null, null, true);
    }
}
