<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\JsonResponse;
use WindowStall\Opening\Rehearsal\BeginRehearsal;
use WindowStall\Opening\Views\RehearsedView;
use WindowStall\Stall\Stall;

/** Rehearses the shop, and says how far that has got. */
final class RehearsalController
{
    public function begin(Stall $stall, BeginRehearsal $begin): JsonResponse
    {
        $begin($stall);

        return $this->now($stall);
    }

    public function now(Stall $stall): JsonResponse
    {
        return new JsonResponse(RehearsedView::of($stall));
    }
}
