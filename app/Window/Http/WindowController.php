<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\SendPicture;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Views\KindView;
use WindowStall\Window\Views\SentLogoView;
use WindowStall\Window\Views\StarterView;
use WindowStall\Window\Views\WindowGoodView;
use WindowStall\Window\Views\WindowView;
use WindowStall\Window\Window;

final readonly class WindowController
{
    public function __construct(private DressWindow $dress)
    {
    }

    public function show(Stall $stall): Response
    {
        return Inertia::render('window/WindowPage', [
            'window' => $this->view($stall),
            'kinds' => KindView::all(),
            'starters' => StarterView::all(),
            'goods' => WindowGoodView::all($stall),
            'shopUrl' => $stall->shopAddress('/'),
        ]);
    }

    public function save(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['version' => 'required|integer', 'look' => 'required|array', 'sections' => 'present|array']);
        $this->dress->save($stall, Content::from(['look' => $typed['look'], 'sections' => $typed['sections']]), (int) $typed['version']);

        return new JsonResponse($this->view($stall));
    }

    public function publish(Request $request, Stall $stall): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $this->dress->publish($stall, $user);

        return new JsonResponse($this->view($stall));
    }

    public function back(Stall $stall): JsonResponse
    {
        $this->dress->goBack($stall);

        return new JsonResponse($this->view($stall));
    }

    /** Takes a logo; it is part of the look once it is made and that is saved. */
    public function logo(Request $request, Stall $stall, SendPicture $send): JsonResponse
    {
        return new JsonResponse(SentLogoView::of($send($stall, null, UploadedPicture::bytes($request, 'picture'))));
    }

    /** Whether a logo that was sent is made. */
    public function sentLogo(Stall $stall, int $picture): JsonResponse
    {
        return new JsonResponse(SentLogoView::of($stall->pictures()->whereNull('listing_id')->findOrFail($picture)));
    }

    private function view(Stall $stall): WindowView
    {
        return WindowView::of($stall, Window::query()->with('published')->findOrFail($stall->id));
    }
}
