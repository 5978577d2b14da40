<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\Crop;
use WindowStall\Support\Pictures\Cut;
use WindowStall\Window\CutPicture;
use WindowStall\Window\PicturesUsed;
use WindowStall\Window\Views\OwnPictureView;

/** The stall's own pictures: what of each is seen, where, and what it says to whoever can't see it. */
final readonly class PicturesController
{
    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(OwnPictureView::all($stall));
    }

    public function update(Request $request, Stall $stall, int $picture, CutPicture $cut): JsonResponse
    {
        $typed = $request->validate([
            'alt' => 'sometimes|nullable|string|max:200',
            'x' => 'sometimes|required|integer|between:0,100',
            'y' => 'sometimes|required|integer|between:0,100',
            'zoom' => 'sometimes|required|integer|between:100,'.Crop::NEAREST,
            'cut' => ['sometimes', 'required', Rule::enum(Cut::class)],
        ]);
        $found = Picture::of($stall)->own()->findOrFail($picture);
        if (array_key_exists('alt', $typed)) {
            $alt = trim((string) $typed['alt']);
            $found->alt = $alt === '' ? null : $alt;
        }
        $cut($found, new Crop(
            x: (int) ($typed['x'] ?? $found->focal_x),
            y: (int) ($typed['y'] ?? $found->focal_y),
            zoom: (int) ($typed['zoom'] ?? $found->zoom),
            cut: Cut::from((string) ($typed['cut'] ?? $found->cut->value)),
        ));
        DB::transaction(static function () use ($stall, $found): void {
            $found->save();
            StalePages::lists($stall);
        });

        return new JsonResponse(OwnPictureView::of($found, PicturesUsed::of($stall)[$found->id] ?? []));
    }
}
