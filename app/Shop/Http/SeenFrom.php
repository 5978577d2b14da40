<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;

/** Shows pages below "/ie" as that market has them, where it is one of the shop's; the home market needs no such address. */
final readonly class SeenFrom
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $named = is_object($route) ? $route->parameter('market') : null;
        $country = strtoupper(is_string($named) ? $named : '');
        $stall = ShopStall::of($request);
        $seen = $stall->seenFrom($country);
        if ($seen->seen()->isHome()) {
            return $country === $stall->home_market
                ? self::home($request, $stall)
                : $this->renderer->missing($stall);
        }
        if (is_object($route)) {
            $route->forgetParameter('market');
        }
        $request->attributes->set('stall', $seen);

        return $next($request);
    }

    private static function home(Request $request, Stall $stall): RedirectResponse
    {
        $path = substr($request->getPathInfo(), strlen('/'.$stall->home_market)) ?: '/';
        $query = $request->getQueryString();

        return new RedirectResponse($stall->shopAddress($path).($query === null ? '' : '?'.$query), 301);
    }
}
