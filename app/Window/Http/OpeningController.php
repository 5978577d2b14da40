<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Stall\PreviewLinks;
use WindowStall\Stall\Stall;
use WindowStall\Stall\TurnSign;

/** Opens the shop to shoppers, closes it, and lets its keepers look in meanwhile. */
final class OpeningController
{
    public function update(Request $request, Stall $stall, TurnSign $turn): RedirectResponse
    {
        $typed = $request->validate(['open' => 'required|boolean'], ['open' => 'Say whether the shop opens or closes.']);
        $turn($stall, (bool) $typed['open']);

        return back()->with('say', $stall->open ? 'The shop is open.' : 'The shop is closed to shoppers.');
    }

    /** To the shop: as every shopper sees it, or past the sign that says it is closed. */
    public function see(Stall $stall): RedirectResponse
    {
        return redirect()->away($stall->open ? $stall->shopAddress('/') : PreviewLinks::enter($stall));
    }
}
