<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Bench\Jobs\MakePicture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureFile;
use WindowStall\Support\Pictures\SvgDrawing;
use WindowStall\Support\Refusal;

/** Takes a picture that a person sent: looked at here, opened and made into sizes by the pictures worker. */
final class SendPicture
{
    /**
     * @param  Listing|null  $listing  null for one of the stall's own, such as its logo
     *
     * @throws Refusal when it is no picture that can be used
     */
    public function __invoke(Stall $stall, ?Listing $listing, string $bytes): Picture
    {
        // A drawing is taken for the stall's own only: a logo is drawn, goods are photographed.
        $listing === null && SvgDrawing::is($bytes) ? SvgDrawing::check($bytes) : PictureFile::check($bytes);
        $incoming = 'pictures/'.$stall->id.'/'.Str::random(40);
        Storage::put($incoming, $bytes);
        $picture = Picture::query()->create(['stall_id' => $stall->id, 'listing_id' => $listing?->id, 'incoming' => $incoming, 'state' => Picture::WAITING]);
        MakePicture::dispatch($picture->id);

        return $picture->refresh();
    }
}
