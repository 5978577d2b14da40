<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\OpenStall;
use WindowStall\Stall\ReferenceRates;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;

final class StallController
{
    /** Where a signed-in person belongs: their last stall's Source, or setting up the first one. */
    public function home(Request $request): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $stall = $user
            ->stalls()
            ->reorder()
            ->orderByRaw('stalls.id = ? desc, stalls.id', [$user->getAttribute('current_stall_id') ?? 0])
            ->first();

        return $stall instanceof Stall
            ? redirect()->route($stall->listings()->exists() ? 'bench' : 'source', $stall)
            : redirect()->route('stalls.new');
    }

    public function create(): Response
    {
        return Inertia::render('stall/NewStall', [
            'countries' => Choices::countries(),
            'currencies' => ReferenceRates::currencies(),
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
