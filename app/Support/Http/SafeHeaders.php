<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a browser may do with a page of the workshop: its own scripts from files only, nobody's frame around it, no
 * guessing of types.
 */
final class SafeHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::headers() as $name => $value) {
            if (! $response->headers->has($name)) {
                $response->headers->set($name, $value);
            }
        }

        return $response;
    }

    /** @return array<string, string> */
    private static function headers(): array
    {
        return [
            'Content-Security-Policy' => implode('; ', self::policy()),
            'X-Frame-Options' => 'DENY',
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
        ] + (config('stall.scheme') === 'https' ? ['Strict-Transport-Security' => 'max-age=31536000'] : []);
    }

    /** @return list<string> */
    private static function policy(): array
    {
        $scheme = config('stall.scheme').'://';
        $port = config('stall.port_suffix');
        // Suppliers' pictures are shown from where they lie; the stand-ins lie on plain HTTP.
        $pictures = implode(
            ' ',
            array_unique(
                array_filter([
                    'https:',
                    self::media(),
                    config('stall.standins.run') ? $scheme.'*.'.config('stall.standins_host').$port : '',
                ]),
            ),
        );

        return [
            "default-src 'self'",
            "script-src 'self'",
            "style-src 'self' 'unsafe-inline'",
            "font-src 'self'",
            "img-src 'self' data: blob: ".$pictures,
            "frame-src 'self' ".$scheme.'*.'.config('stall.shops_host').$port,
            "object-src 'none'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'",
        ];
    }

    /** The origin of the stall's own pictures, where that is another. */
    private static function media(): string
    {
        return preg_match('#^https?://[^/]+#', Storage::disk((string) config('filesystems.media'))->url('x'), $m) === 1
            ? $m[0]
            : '';
    }
}
