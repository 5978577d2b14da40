<?php

declare(strict_types=1);

namespace WindowStall\Standins\Carrier;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The page where a person plays the carrier. */
final class PlayController
{
    public function show(): View
    {
        return view('standins::carrier', ['mood' => Mood::now(), 'moods' => Mood::cases()]);
    }

    public function mood(Request $request): RedirectResponse
    {
        (Mood::tryFrom($request->string('mood')->toString()) ?? abort(422))->begin();

        return redirect()->route('carrier.play');
    }
}
