<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets in who has a shop's key. A key is for trying out or for real, and finds only payments of its own kind. */
final class KeyedShop
{
    private const KEYS = ['pay-demo-key' => 'test', 'pay-live-key' => 'live'];

    public function handle(Request $request, Closure $next): Response
    {
        $mode = self::KEYS[(string) $request->bearerToken()] ?? null;
        if ($mode === null) {
            return new JsonResponse(['error' => 'This key isn’t known here.'], 401);
        }
        $request->attributes->set('mode', $mode);

        return $next($request);
    }
}
