<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets in who has the shop's key. */
final class KeyedShop
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->bearerToken() !== 'pay-demo-key') {
            return new JsonResponse(['error' => 'This key isn’t known here.'], 401);
        }

        return $next($request);
    }
}
