<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\TakeToBench;
use WindowStall\Stall\Stall;

/** Takes items that were chosen in Source to the bench. */
final class TakeController
{
    public function __invoke(Request $request, Stall $stall, TakeToBench $take): RedirectResponse
    {
        $typed = $request->validate(
            ['items' => 'required|array|min:1|max:200', 'items.*' => 'integer'],
            ['items.max' => 'Take up to 200 items at once.', 'items.required' => 'Choose an item first.'],
        );
        $taken = $take($stall, $typed['items']);
        if (count($taken->new) === 1) {
            return redirect()->route('bench.listing', [$stall, $taken->new[0]]);
        }

        return back()->with('say', $taken->words());
    }
}
