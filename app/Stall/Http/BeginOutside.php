<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\OneStall;

/** Every request begins outside of any stall, on whatever connection the process kept. */
final class BeginOutside
{
    public function handle(Request $request, Closure $next): Response
    {
        OneStall::outside();

        return $next($request);
    }
}
