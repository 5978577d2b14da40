<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Symfony\Component\BrowserKit\Request;
use Symfony\Component\BrowserKit\Response;
use WindowStall\Stall\Stall;

/** How a rehearsal gets to the shop. */
interface ReachesShop
{
    public function ask(Stall $stall, Request $request): Response;
}
