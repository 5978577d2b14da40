<?php

declare(strict_types=1);

namespace WindowStall\Bench\Pictures;

use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Bench\Jobs\MakePicture;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Cut;
use WindowStall\Support\Pictures\PictureFile;
use WindowStall\Support\Pictures\SvgDrawing;
use WindowStall\Support\Refusal;

/** Takes a picture or a logo that a person sent: looked at here, opened and made into sizes by the pictures worker. */
final class SendPicture
{
    /**
     * @param  Listing|null  $listing  null for one of the stall's own
     *
     * @throws Refusal when it is no picture that can be used
     */
    public function __invoke(Stall $stall, ?Listing $listing, string $bytes): Picture
    {
        // A drawing is taken for the stall's own only: a logo is drawn, goods are photographed.
        $listing === null && SvgDrawing::is($bytes) ? SvgDrawing::check($bytes) : PictureFile::check($bytes);

        return $this->keep($stall, $bytes, [
            'listing_id' => $listing?->id,
            'cut' => ($listing === null ? Cut::Whole : Cut::Square)->value,
        ]);
    }

    /** @throws Refusal when it is no picture that can be used */
    public function logo(Stall $stall, string $bytes): Picture
    {
        SvgDrawing::is($bytes) ? SvgDrawing::check($bytes) : PictureFile::check($bytes, least: PictureFile::LEAST_LOGO);

        return $this->keep($stall, $bytes, ['logo' => true, 'cut' => Cut::Whole->value]);
    }

    /** @param  array<string, mixed>  $own */
    private function keep(Stall $stall, string $bytes, array $own): Picture
    {
        $incoming = 'pictures/'.$stall->id.'/'.Str::random(40);
        Storage::put($incoming, $bytes);
        $picture = Picture::query()->create($own + [
            'stall_id' => $stall->id,
            'incoming' => $incoming,
            'state' => Picture::WAITING,
        ]);
        MakePicture::dispatch($picture->id);

        return $picture->refresh();
    }
}
