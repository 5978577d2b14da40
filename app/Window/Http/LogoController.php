<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\SendPicture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Window\Views\SentLogoView;

/** Takes a logo, or with "as" another picture of the stall's own; it is used once it is made and the page is saved. */
final readonly class LogoController
{
    public function store(Request $request, Stall $stall, SendPicture $send): JsonResponse
    {
        $bytes = UploadedPicture::bytes($request, 'picture');
        $picture =
            Typed::text($request, 'as') === 'picture' ? $send($stall, null, $bytes) : $send->logo($stall, $bytes);

        return new JsonResponse(SentLogoView::of($picture));
    }

    /** Whether one that was sent is made. */
    public function show(Stall $stall, int $picture): JsonResponse
    {
        return new JsonResponse(SentLogoView::of(Picture::of($stall)->whereNull('listing_id')->findOrFail($picture)));
    }
}
