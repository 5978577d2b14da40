<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Clock;
use WindowStall\Stall\OpenStall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;

final class StallController
{
    public function create(): Response
    {
        return Inertia::render('stall/NewStall', [
            'countries' => Choices::countries(),
            'currencies' => ReferenceRates::currencies(),
            'zones' => Clock::zones(),
            'shopsHost' => config('stall.shops_host'),
        ]);
    }

    public function store(Request $request, OpenStall $open): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $stall = $open($user, StallRules::forNew($request));

        return redirect()->route('source', $stall);
    }
}
