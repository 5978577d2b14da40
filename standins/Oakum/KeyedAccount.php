<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/** Lets in who has a key, slowly when a person asked Oakum to be slow. */
final class KeyedAccount
{
    private const A_MINUTE = 1_000;

    public function handle(Request $request, Closure $next): Response
    {
        $account = Books::table('accounts')->where('key', (string) $request->bearerToken())->first();
        if ($account === null) {
            return ApiController::error(401, 'This key isn’t known here.');
        }
        if (Books::setting('slow', '0') === '1') {
            sleep(12);
        }
        // A thousand questions a minute are anyone's fair share.
        if (! RateLimiter::attempt('oakum:'.$account->key, self::A_MINUTE, static fn (): bool => true)) {
            return ApiController::error(429, 'You ask too often. Wait a moment.')->withHeaders([
                'Retry-After' => (string) RateLimiter::availableIn('oakum:'.$account->key),
            ]);
        }
        $request->attributes->set('account', $account);

        return $next($request);
    }
}
