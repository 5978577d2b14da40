<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Window\DressWindow;
use WindowStall\Window\FirstVersion;
use WindowStall\Window\PageWords;
use WindowStall\Window\Views\FirstVersionView;
use WindowStall\Window\Views\GalleyView;
use WindowStall\Window\Window;

/** A first version of the page from the goods there are. */
final readonly class FirstVersionController
{
    public function show(Stall $stall): JsonResponse
    {
        return new JsonResponse(FirstVersionView::of($stall));
    }

    public function store(Request $request, Stall $stall, FirstVersion $first, DressWindow $dress): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $typed = $request->validate([
            'hero' => 'required|integer|min:1|max:9000000000000000',
            'look' => 'required|string|max:40',
        ]);
        $starter = StarterLook::tryFrom((string) $typed['look']) ?? throw new Refusal('There is no such look.');
        $window = Window::query()->findOrFail($stall->id);
        $content = $first($stall, $starter, (int) $typed['hero']);
        $dress->save($stall, $content, $window->version, $user);
        $window->update(['sample_words' => PageWords::all($content)]);

        return new JsonResponse(GalleyView::of($stall, Window::query()->with('published')->findOrFail($stall->id)));
    }
}
