<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets in who has a key, slowly when a person asked Oakum to be slow. */
final class KeyedAccount
{
    public function handle(Request $request, Closure $next): Response
    {
        $account = Books::table('accounts')->where('key', (string) $request->bearerToken())->first();
        if ($account === null) {
            return ApiController::error(401, 'This key isn’t known here.');
        }
        if (Books::setting('slow', '0') === '1') {
            sleep(12);
        }
        $request->attributes->set('account', $account);

        return $next($request);
    }
}
