<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses what is no text: bytes that aren't UTF-8, and NUL, which no database column takes. Files are looked at by
 * whoever reads them.
 */
final class RefuseBrokenText
{
    public function handle(Request $request, Closure $next): Response
    {
        $sent = [
            rawurldecode($request->getPathInfo()),
            $request->query->all(),
            $request->request->all(),
            $request->isJson() ? $request->json()->all() : [],
        ];
        abort_if(self::broken($sent), 400);
        // What a browser calls itself is kept with the sign-in; it may be anything.
        $request->headers->set('User-Agent', mb_scrub((string) $request->headers->get('User-Agent'), 'UTF-8'));

        return $next($request);
    }

    private static function broken(mixed $value): bool
    {
        if (is_string($value)) {
            return str_contains($value, "\0") || ! mb_check_encoding($value, 'UTF-8');
        }
        foreach (is_array($value) ? $value : [] as $key => $inner) {
            if (self::broken((string) $key) || self::broken($inner)) {
                return true;
            }
        }

        return false;
    }
}
