<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\JsonResponse;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Opening\Rehearsal\BeginRehearsal;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Opening\Views\RehearsedView;
use WindowStall\Opening\Views\SeenView;
use WindowStall\Stall\Stall;

/** Rehearses the shop, and shows what that read of its pages. */
final class RehearsalController
{
    public function begin(Stall $stall, BeginRehearsal $begin): JsonResponse
    {
        $begin($stall);

        return new JsonResponse(RehearsedView::of($stall));
    }

    /** How search engines and messengers show its pages, as the last rehearsal read them. */
    public function seen(Stall $stall): Response
    {
        $last = Rehearsal::of($stall)->whereNotNull('ended_at')->latest('id')->first();

        return Inertia::render('opening/SeenPage', ['seen' => SeenView::of($stall, $last)]);
    }
}
