<?php

declare(strict_types=1);

namespace WindowStall\Frame\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\Listing;
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
        $stall = $user
            ->stalls()
            ->reorder()
            ->orderByRaw('stalls.id = ? desc, stalls.id', [$user->getAttribute('current_stall_id') ?? 0])
            ->first();

        return $stall instanceof Stall
            ? redirect()->route(Listing::of($stall)->exists() ? 'bench' : 'source', $stall)
            : redirect()->route('stalls.new');
    }
}
