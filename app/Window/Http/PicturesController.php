<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Window\Views\OwnPictureView;

/** The stall's own pictures, and what each says to whoever can't see it. */
final readonly class PicturesController
{
    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(OwnPictureView::all($stall));
    }

    public function update(Request $request, Stall $stall, int $picture): JsonResponse
    {
        $typed = $request->validate(['alt' => 'present|nullable|string|max:200']);
        $found = $stall->pictures()->whereNull('listing_id')->where('state', Picture::READY)->findOrFail($picture);
        $alt = trim((string) ($typed['alt'] ?? ''));
        $found->update(['alt' => $alt === '' ? null : $alt]);
        $stall->bumpShop();

        return new JsonResponse(OwnPictureView::of($found));
    }
}
