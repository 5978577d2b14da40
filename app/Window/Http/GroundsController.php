<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\Pictures\SendPicture;
use WindowStall\Core\Look\DrawnGround;
use WindowStall\Core\Look\Tones;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;
use WindowStall\Window\Views\DrawnGroundView;
use WindowStall\Window\Views\SentLogoView;
use WindowStall\Window\Window;

/** Drawings to begin with, in the tones of the look as it is; one that is taken becomes the stall's own picture. */
final readonly class GroundsController
{
    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(DrawnGroundView::all(self::tones($stall)));
    }

    public function store(Request $request, Stall $stall, SendPicture $send): JsonResponse
    {
        $ground =
            DrawnGround::tryFrom(Typed::text($request, 'ground')) ?? throw new Refusal('There is no such drawing.');
        $picture = $send($stall, null, $ground->svg(self::tones($stall)));
        $picture->update(['alt' => ucfirst($ground->words())]);

        return new JsonResponse(SentLogoView::of($picture->refresh()));
    }

    private static function tones(Stall $stall): Tones
    {
        return Window::query()->findOrFail($stall->id)->workingContent()->look->tones();
    }
}
