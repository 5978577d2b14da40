<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Opening\Views\WhatIsLeftView;
use WindowStall\Stall\Stall;

/** What is left before the shop opens: worked out each time, never ticked. */
final class LeftController
{
    public function show(Stall $stall): Response
    {
        return Inertia::render('opening/LeftPage', ['left' => WhatIsLeftView::of($stall)]);
    }
}
