<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Events\ClockMoved;
use WindowStall\Stall\Events\HomeWanted;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;
use WindowStall\Stall\Views\SettingsView;

final class SettingsController
{
    public function show(Stall $stall): Response
    {
        return Inertia::render('stall/Settings', [
            'settings' => SettingsView::of($stall),
            'countries' => Choices::countries(),
            'currencies' => ReferenceRates::currencies(),
            'zones' => Clock::zones(),
        ]);
    }

    public function update(Request $request, Stall $stall): RedirectResponse
    {
        $facts = StallRules::forSettings($request, $stall);
        $home = (string) $facts['home_market'];
        unset($facts['home_market']);
        DB::transaction(static function () use ($stall, $facts): void {
            $stall->update($facts);
            StalePages::frame($stall);
        });
        if ($stall->wasChanged('zone')) {
            event(new ClockMoved($stall));
        }
        if ($home === $stall->home_market) {
            return back()->with('say', 'Saved.');
        }
        event(new HomeWanted($stall, $home, User::asking($request)));

        return back()->with(
            'say',
            sprintf(
                'Saved. What everything costs in %s is being worked out; the stall sells there first once that is done.',
                Stall::countrySaid($home),
            ),
        );
    }
}
