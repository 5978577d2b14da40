<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Shop\RehearsalPass;
use WindowStall\Stall\Door;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\ShopState;
use WindowStall\Support\Speech\Speech;

/**
 * Finds the shop of this host and lets only its own pages post to it.
 *
 * Shop pages are ready-made and the same for everyone, so they can't carry a token; the browser's own word on where a
 * post comes from (Origin, Sec-Fetch-Site) does that work, with cookies that don't travel from other sites.
 */
final class OwnShopOnly
{
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $handle = is_object($route) ? $route->parameter('shop') : null;
        $stall = is_string($handle) ? Door::enter($handle) : null;
        abort_if($stall === null, 404);
        if (RehearsalPass::holds($request, $stall)) {
            OneStall::rehearse();
            // All rehearsals come from this machine: each counts by itself against what an address may do.
            $request->server->set('REMOTE_ADDR', RehearsalPass::address($request, $stall));
        }
        if ($request->isMethodSafe()) {
            // Before anything that a page may show is read, the stall too: what changes from here on has a later revision.
            $request->attributes->set('shop state', ShopState::of($stall));
            $stall->refresh();
        }
        $stall->load(['rates', 'languageRows']);
        if (is_object($route)) {
            $route->forgetParameter('shop');
        }
        if (! $request->isMethodSafe()) {
            $origin = $request->headers->get('Origin');
            abort_if(
                ($origin !== null && $origin !== $request->getSchemeAndHttpHost()) ||
                    $request->headers->get('Sec-Fetch-Site', 'same-origin') === 'cross-site',
                403,
            );
        }
        $request->attributes->set('stall', $stall);

        $response = Speech::in($stall->seen()->language, static fn (): Response => $next($request));
        $response->headers->set('X-Content-Type-Options', 'nosniff');

        return $response;
    }
}
