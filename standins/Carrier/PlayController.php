<?php

declare(strict_types=1);

namespace WindowStall\Standins\Carrier;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** The page where a person plays the carrier. */
final class PlayController
{
    public function show(): View
    {
        $parcels = Parcels::table()->orderByDesc('taken_at')->limit(30)->get();

        return view('standins::carrier', [
            'mood' => Mood::now(),
            'moods' => Mood::cases(),
            'parcels' => $parcels,
            'last' => $parcels->mapWithKeys(
                static fn (\stdClass $parcel): array => [$parcel->tracking => Parcels::of($parcel->tracking)->last()],
            ),
        ]);
    }

    public function mood(Request $request): RedirectResponse
    {
        (Mood::tryFrom($request->string('mood')->toString()) ?? abort(422))->begin();

        return redirect()->route('carrier.play');
    }

    /** Something happens to one parcel, now or at another moment. */
    public function parcel(Request $request, string $tracking): RedirectResponse
    {
        $parcel = Parcels::table()->where('tracking', $tracking)->first() ?? abort(404);
        $kind = $request->string('do')->toString();
        abort_unless(in_array($kind, Parcels::KINDS, true), 422);
        Parcels::tell(
            $tracking,
            $kind,
            Parcels::place($kind, $parcel),
            Carbon::parse($request->string('at')->toString() ?: 'now')->utc(),
        );

        return redirect()->route('carrier.play');
    }

    public function day(): RedirectResponse
    {
        Parcels::day();

        return redirect()->route('carrier.play');
    }
}
