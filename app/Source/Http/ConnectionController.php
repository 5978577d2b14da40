<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\Run;
use WindowStall\Source\RunState;
use WindowStall\Source\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\Views\RunView;
use WindowStall\Stall\Stall;

final class ConnectionController
{
    public function create(Stall $stall): Response
    {
        return Inertia::render('source/ConnectPage', ['address' => config('stall.oakum.address'), 'connected' => $stall->connections()->exists()]);
    }

    public function store(Request $request, Stall $stall, ConnectSupplier $connect, StartPull $pull): RedirectResponse
    {
        $typed = $request->validate(
            ['address' => 'required|string|max:300', 'key' => 'required|string|max:200'],
            ['key.required' => 'Paste the key from your account at the supplier.', 'address.required' => 'Where does the supplier answer?'],
        );
        $connection = $connect($stall, 'oakum', $typed['address'], $typed['key']);
        $pull($connection, $request->user());

        return redirect()->route('source', $stall);
    }

    public function pull(Request $request, Stall $stall, SupplierConnection $connection, StartPull $pull): JsonResponse
    {
        return new JsonResponse(RunView::of($pull($connection, $request->user())));
    }

    public function run(Stall $stall, Run $run): JsonResponse
    {
        return new JsonResponse(RunView::of($run));
    }

    public function cancel(Stall $stall, Run $run): JsonResponse
    {
        Run::query()->whereKey($run->id)->whereIn('state', [RunState::Waiting, RunState::Running])->update(['state' => RunState::Cancelled, 'ended_at' => now()]);

        return new JsonResponse(RunView::of($run->refresh()));
    }
}
