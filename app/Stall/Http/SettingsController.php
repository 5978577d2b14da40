<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Events\SettingsChanged;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\Views\Choices;
use WindowStall\Stall\Views\SettingsView;

final class SettingsController
{
    public function show(Stall $stall): Response
    {
        return Inertia::render('stall/Settings', [
            'settings' => SettingsView::of($stall),
            'countries' => Choices::countries(),
        ]);
    }

    public function update(Request $request, Stall $stall): RedirectResponse
    {
        $facts = StallRules::forSettings($request, $stall);
        DB::transaction(function () use ($stall, $facts): void {
            $stall->update($facts);
            DB::table('markets')->updateOrInsert(
                ['stall_id' => $stall->id, 'market' => $stall->home_market],
                ['sold' => true],
            );
            $stall->unsetRelation('marketRows');
            event(new SettingsChanged($stall));
        });
        $stall->bumpShop();

        return back()->with('say', 'Saved.');
    }
}
