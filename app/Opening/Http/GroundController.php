<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Symfony\Component\Intl\Countries;
use WindowStall\Opening\Ground\ChangeGround;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Stall\User;

/** The country and the currency of a stall that sold nothing yet. */
final class GroundController
{
    public function update(Request $request, Stall $stall, ChangeGround $change): RedirectResponse
    {
        $typed = $request->validate([
            'country' => ['required', Rule::in(Countries::getCountryCodes())],
            'currency' => ['required', Rule::in(ReferenceRates::currencies())],
        ]);
        $change->currency($stall, (string) $typed['currency'], User::asking($request));
        $change->country($stall, (string) $typed['country']);

        return back()->with('say', 'Saved.');
    }
}
