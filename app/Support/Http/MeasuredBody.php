<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Measures what is sent before anything reads it: how long it is, by whom it may be sent, how deep and how many values
 * it is. nginx holds the same lengths before PHP is asked at all (ops/nginx.conf).
 *
 * Files are sent as forms and read from disk by whoever takes them; what they may be long is said there.
 */
final class MeasuredBody
{
    /** Bytes that a shopper, or anybody who isn't signed in, may send. */
    public const GUESTS = 65_536;

    /** Bytes that a program may send, with its token or its signature. */
    public const PROGRAMS = 1_048_576;

    /** Bytes of JSON that a screen of the workshop sends. */
    public const SCREENS = 8_388_608;

    /** Values that JSON may hold, and how deep. */
    private const VALUES = ['guest' => 500, 'program' => 20_000, 'screen' => 200_000];

    private const DEPTH = 32;

    /** Where programs send files, as forms. */
    private const FILES = ['api/v1/print/artworks'];

    /** Addresses of the workshop that are for everybody. */
    private const FOR_ALL = ['sign-in', 'sign-up', 'sign-out', 'password/*'];

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $this->standin($request)) {
            return $next($request);
        }
        $who = $this->who($request);
        $json = $this->isJson($request);
        abort_if($json && $this->shop($request), 415, 'A shop takes forms only.');
        $most = match ($who) {
            'guest' => self::GUESTS,
            'program' => ! $json && $request->is(...self::FILES) ? PHP_INT_MAX : self::PROGRAMS,
            default => $json ? self::SCREENS : PHP_INT_MAX,
        };
        abort_if((int) $request->headers->get('Content-Length', '0') > $most, 413);
        if ($json) {
            $this->measure($request->getContent(), $most, self::VALUES[$who]);
        }

        return $next($request);
    }

    private function measure(string $sent, int $bytes, int $values): void
    {
        abort_if(strlen($sent) > $bytes, 413);
        // Each value but the first of its list or object stands behind a comma. One in a text counts too: that errs on
        // the side that is safe, by no more than people write.
        abort_if(substr_count($sent, ',') + substr_count($sent, '[') + substr_count($sent, '{') > $values, 413);
        abort_if(self::depth($sent) > self::DEPTH, 413);
    }

    /** How deep its lists and objects lie in one another, texts left out; as far as it is well-formed. */
    private static function depth(string $sent): int
    {
        $opened = preg_replace('/"[^"\\\\]*+(?:\\\\.[^"\\\\]*+)*+"|[^"\[\]{}]++|"/s', '', $sent);
        $depth = $most = 0;
        for ($at = 0, $end = strlen($opened ?? ''); $at < $end; $at++) {
            $depth += $opened[$at] === '[' || $opened[$at] === '{' ? 1 : -1;
            $most = max($most, $depth);
        }

        return $opened === null ? PHP_INT_MAX : $most;
    }

    private function who(Request $request): string
    {
        return match (true) {
            $this->shop($request), $request->is(...self::FOR_ALL) => 'guest',
            $request->is('api/*', 'hooks/*') => 'program',
            default => 'screen',
        };
    }

    /** As the framework tells JSON, and whatever else isn't a form. */
    private function isJson(Request $request): bool
    {
        $type = mb_strtolower((string) $request->headers->get('Content-Type'));

        return $request->isJson() || ($type !== '' && ! str_starts_with($type, 'application/x-www-form-urlencoded')
            && ! str_starts_with($type, 'multipart/form-data'));
    }

    private function shop(Request $request): bool
    {
        return str_ends_with($request->getHost(), '.'.config('stall.shops_host'));
    }

    private function standin(Request $request): bool
    {
        return ! $this->shop($request) && $request->getHost() !== config('stall.workshop_host');
    }
}
