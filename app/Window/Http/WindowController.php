<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\PatchSheet;
use WindowStall\Window\Plan;
use WindowStall\Window\Views\FrontView;
use WindowStall\Window\Views\GalleyView;
use WindowStall\Window\Views\ReachView;
use WindowStall\Window\Views\SectionKindView;
use WindowStall\Window\Window;

/** The galley: the front page and its notes, and what is changed on it. */
final readonly class WindowController
{
    public function __construct(private DressWindow $dress)
    {
    }

    public function show(Stall $stall): Response
    {
        return Inertia::render('window/GalleyPage', [
            'galley' => GalleyView::of($stall, Window::query()->with('published')->findOrFail($stall->id)),
            'kinds' => SectionKindView::on(Plan::Front),
            'reach' => ReachView::of($stall),
            'front' => FrontView::of($stall),
            'page' => null,
        ]);
    }

    public function save(Request $request, Stall $stall, PatchSheet $patch): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $typed = $request->validate([
            'version' => 'required|integer|min:1|max:9000000000',
            'look' => 'required|array',
            'sections' => 'present|array',
        ]);
        $content = Content::from(['look' => $typed['look'], 'sections' => $typed['sections']]);

        return new JsonResponse($patch($stall, $this->dress->save($stall, $content, (int) $typed['version'], $user)));
    }
}
