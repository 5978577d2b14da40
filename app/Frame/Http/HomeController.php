<?php

declare(strict_types=1);

namespace WindowStall\Frame\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Leads to where a signed-in person goes on. */
final class HomeController
{
    /** The bench of their last stall, Source while nothing is on it, or setting up a first stall. */
    public function __invoke(Request $request): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $doors = Door::of($user);
        $last = $user->getAttribute('current_stall_id');
        $door = Arr::first($doors, static fn (Door $door): bool => $door->stall === $last) ?? $doors[0] ?? null;
        $stall = $door === null ? null : Door::enter($door->handle);

        return $stall instanceof Stall
            ? redirect()->route(Listing::of($stall)->exists() ? 'bench' : 'source', $stall)
            : redirect()->route('stalls.new');
    }
}
