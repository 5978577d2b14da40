<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\TurnSign;
use WindowStall\Support\Refusal;

/** Opens the shop to shoppers, closes it, and lets its keepers look in meanwhile. */
final class OpeningController
{
    public function update(Request $request, Stall $stall, TurnSign $turn): RedirectResponse
    {
        $typed = $request->validate(
            ['open' => 'required|boolean', 'looked' => 'sometimes|boolean'],
            ['open' => 'Say whether the shop opens or closes.'],
        );
        // Before it opens for the first time, somebody looks at what is left.
        if ((bool) $typed['open'] && $stall->opened_at === null && ! (bool) ($typed['looked'] ?? false)) {
            return redirect()->route('opening', $stall);
        }
        $turn($stall, (bool) $typed['open']);

        return back()->with('say', $stall->open ? 'The shop is open.' : 'The shop is closed to shoppers.');
    }

    /** Whether the shop sells one thing only, whose page its front page is then. */
    public function only(Request $request, Stall $stall): RedirectResponse
    {
        $typed = $request->validate(['listing' => 'present|nullable|integer|min:1|max:9000000000000']);
        $only = $typed['listing'] === null ? null : Listing::of($stall)
            ->where('state', ListingState::InWindow)
            ->find((int) $typed['listing']);
        if ($typed['listing'] !== null && $only === null) {
            throw new Refusal('Put it in the window first: the shop sells nothing that isn’t there.');
        }
        DB::transaction(static function () use ($stall, $only): void {
            $stall->update(['only_listing_id' => $only?->id]);
            StalePages::frame($stall);
        });

        return back()->with('say', $only === null
            ? 'The front page is the one you dressed.'
            : sprintf('The front page is the page of %s.', $only->shown_title));
    }

    /** To the shop: as every shopper sees it, or past the sign that says it is closed. */
    public function see(Stall $stall): RedirectResponse
    {
        return redirect()->away($stall->open ? $stall->shopAddress('/') : PreviewLinks::enter($stall));
    }
}
