<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Drift\Jobs\RehearseRules;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Drift\Views\RehearsalView;
use WindowStall\Drift\Views\RulesSheetView;
use WindowStall\Drift\Views\TriedRulesView;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;

/** Rules that are tried on what suppliers changed in the last days, before they count. */
final readonly class RehearsalController
{
    /** The sheet as the edits would have it, and the run in which they are tried. */
    public function store(Request $request, Stall $stall): JsonResponse
    {
        $edits = RuleEdits::of($request, $stall);
        $book = RuleBook::of($stall);
        array_map($book->edit(...), $edits);
        // Whoever tries something else isn't waiting for what was tried before.
        Run::of($stall)->where('kind', RunKind::Rehearse)->where('user_id', $request->user()?->getAuthIdentifier())
            ->whereIn('state', [RunState::Waiting, RunState::Running])->update(['state' => RunState::Cancelled]);
        $run = Run::of($stall)->create([
            'kind' => RunKind::Rehearse,
            'user_id' => $request->user()?->getAuthIdentifier(),
            'state' => RunState::Waiting,
            'subject' => ['edits' => $edits],
        ]);
        $run->begin(RehearseRules::class);

        return new JsonResponse(
            new TriedRulesView(
                sheet: RulesSheetView::of($stall, $book),
                rehearsal: RehearsalView::of($stall, $run->refresh()),
            ),
        );
    }

    public function show(Stall $stall, int $run): JsonResponse
    {
        $found = Run::of($stall)->where('kind', RunKind::Rehearse)->findOrFail($run);

        return new JsonResponse(RehearsalView::of($stall, $found));
    }
}
