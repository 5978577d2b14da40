<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Core\Opening\Steps\Beginning;
use WindowStall\Core\Opening\Steps\FirstStep;
use WindowStall\Opening\Views\NextStepView;
use WindowStall\Stall\Stall;

/** What a stall begins with, and which of its first steps it leaves out. */
final class FirstStepsController
{
    public function begin(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['with' => ['required', Rule::enum(Beginning::class)]], ['with.*' => 'Say what the stall begins with.']);
        $stall->update(['begins_with' => $typed['with']]);

        return new JsonResponse(NextStepView::of($stall));
    }

    public function skip(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['step' => ['required', Rule::enum(FirstStep::class)]], ['step.*' => 'There is no such step.']);
        $stall->update(['steps_skipped' => array_values(array_unique([...$stall->steps_skipped, (string) $typed['step']]))]);

        return new JsonResponse(NextStepView::of($stall));
    }
}
