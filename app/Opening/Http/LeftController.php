<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Opening\Views\OnlookerView;
use WindowStall\Opening\Views\OpensView;
use WindowStall\Opening\Views\RehearsedView;
use WindowStall\Opening\Views\WhatIsLeftView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\TurnSign;

/** What is left before the shop opens, worked out each time and never ticked; and when it opens by itself. */
final class LeftController
{
    public function show(Stall $stall): Response
    {
        return Inertia::render('opening/LeftPage', [
            'left' => WhatIsLeftView::of($stall),
            'rehearsal' => RehearsedView::of($stall),
            'onlookers' => OnlookerView::all($stall),
        ]);
    }

    /** When the shop opens by itself, by the stall's own clock; not by itself where nothing is said. */
    public function at(Request $request, Stall $stall, TurnSign $turn): JsonResponse
    {
        $typed = $request->validate(
            ['at' => 'present|nullable|date_format:Y-m-d\TH:i'],
            ['at' => 'Say a day and a time.'],
        );
        $turn->at($stall, $typed['at'] === null ? null : Clock::of($stall)->read($typed['at']));

        return new JsonResponse(OpensView::of($stall));
    }
}
