<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Window\DressWindow;
use WindowStall\Window\OpenPreviews;
use WindowStall\Window\Views\GalleyView;
use WindowStall\Window\Views\PreviewAddressView;
use WindowStall\Window\Views\VersionsView;
use WindowStall\Window\Window;

/** Publishing now or at a time, versions that are kept, going back to them, and addresses for others to look. */
final readonly class VersionsController
{
    public function __construct(private DressWindow $dress, private OpenPreviews $previews)
    {
    }

    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(VersionsView::of($stall, $this->previews));
    }

    public function publish(Request $request, Stall $stall): JsonResponse
    {
        $request->validate(['at' => 'nullable|date|max:40']);
        $at = $request->input('at');
        is_string($at) && $at !== ''
            ? $this->dress->publishAt($stall, self::user($request), Clock::of($stall)->read($at))
            : $this->dress->publish($stall, self::user($request));

        return $this->galley($stall);
    }

    public function callOff(Stall $stall, int $revision): JsonResponse
    {
        $this->dress->callOff($stall, $revision);

        return $this->galley($stall);
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['name' => 'required|string|max:60']);
        $this->dress->keepAs($stall, self::user($request), (string) $typed['name']);

        return $this->index($stall);
    }

    /** Takes what is published, or a kept version, as the working copy. */
    public function back(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['revision' => 'nullable|integer|min:1']);
        $revision = isset($typed['revision']) ? (int) $typed['revision'] : null;
        $this->dress->goBack($stall, self::user($request), $revision);

        return $this->galley($stall);
    }

    public function open(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['for' => 'required|string|max:60']);

        return new JsonResponse(
            new PreviewAddressView($this->previews->open($stall, self::user($request), (string) $typed['for'])),
        );
    }

    public function takeBack(Stall $stall, int $preview): JsonResponse
    {
        abort_unless($this->previews->takeBack($stall, $preview), 404);

        return $this->index($stall);
    }

    private function galley(Stall $stall): JsonResponse
    {
        return new JsonResponse(GalleyView::of($stall, Window::query()->with('published')->findOrFail($stall->id)));
    }

    private static function user(Request $request): User
    {
        /** @var User $user */
        $user = $request->user();

        return $user;
    }
}
