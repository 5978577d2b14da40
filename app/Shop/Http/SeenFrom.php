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
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Speech\Speech;

/** Shows pages below "/ie" as that market has them, where it is one of the shop's; the home market needs no such address. */
final readonly class SeenFrom
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $named = is_object($route) && is_string($said = $route->parameter('market')) ? $said : '';
        $country = strtoupper(substr($named, 0, 2));
        $language = strlen($named) > 3 ? substr($named, 3) : null;
        $stall = ShopStall::of($request);
        $seen = $stall->seenFrom($country);
        $seen = $language === null ? $seen : $seen->speaking($language);
        if ($seen->seen()->country !== $country || ($language !== null && $seen->seen()->language !== $language)) {
            return $this->renderer->missing($stall);
        }
        if ($seen->seen()->prefix !== '/'.$named) {
            return self::nearer($request, $stall, $seen->seen(), $named);
        }
        if (is_object($route)) {
            $route->forgetParameter('market');
        }
        $request->attributes->set('stall', $seen);

        return Speech::in($seen->seen()->language, static fn (): Response => $next($request));
    }

    /** What a market's first language is needn't be said, nor where home is. */
    private static function nearer(Request $request, Stall $stall, ShopMarket $market, string $named): RedirectResponse
    {
        $path = substr($request->getPathInfo(), strlen('/'.$named)) ?: '/';
        $query = $request->getQueryString();

        return new RedirectResponse($stall->shopAddress($market->path($path)).($query === null ? '' : '?'.$query), 301);
    }
}
