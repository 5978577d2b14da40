<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\JsonResponse;
use WindowStall\Drift\Views\RunDoneView;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Stall\Stall;

/** A pull, opened. */
final readonly class RunController
{
    public function __invoke(Stall $stall, int $run): JsonResponse
    {
        $pull = Run::of($stall)->where('kind', RunKind::Pull)->findOrFail($run);

        return new JsonResponse(RunDoneView::of($stall, $pull));
    }
}
