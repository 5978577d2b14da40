<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Runs\Run;
use WindowStall\Source\Pulling\SetAside;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Pulls that were set aside: let through as they came, or thrown away. */
final readonly class SetAsideController
{
    public function letThrough(Request $request, Stall $stall, int $run, SetAside $aside): RedirectResponse
    {
        /** @var User $person */
        $person = $request->user();
        $aside->letThrough($stall, Run::of($stall)->findOrFail($run), $person);

        return back()->with('say', 'It is being used now.');
    }

    public function throwAway(Stall $stall, int $run, SetAside $aside): RedirectResponse
    {
        $aside->throwAway($stall, Run::of($stall)->findOrFail($run));

        return back()->with('say', 'Thrown away. Everything stays as it was.');
    }
}
