<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** A program's token is its stall's: from here on the database shows that stall only. */
final class InTokensStall
{
    public function handle(Request $request, Closure $next): Response
    {
        $stall = $request->user();
        abort_unless($stall instanceof Stall, 401);
        OneStall::enter($stall->id);

        return $next($request);
    }
}
