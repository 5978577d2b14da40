<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Shop\ShopStall;
use WindowStall\Shop\Sitemap;
use WindowStall\Stall\Terms\ShopMarket;

/** What search engines ask for: which pages there are, and which they needn't read. */
final class RobotsController
{
    private const MINUTES = 'max-age=3600';

    public function robots(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $lines = $stall->open ? [
            'User-agent: *',
            'Disallow: /basket',
            'Disallow: /checkout',
            'Disallow: /orders/',
            'Disallow: /search',
            'Disallow: /*/search',
            ...array_map(
                static fn (ShopMarket $market): string => 'Sitemap: '.$stall->shopAddress($market->path('/sitemap.xml')),
                ShopMarket::all($stall),
            ),
        ] : ['User-agent: *', 'Disallow: /'];

        return new Response(implode("\n", $lines)."\n", 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Cache-Control' => self::MINUTES,
        ]);
    }

    /** All pages; or, where there are many, the parts they are told in. */
    public function sitemap(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $map = new Sitemap($stall);

        return self::xml($map->parts() > 1 ? $map->index() : $map->part(1));
    }

    public function part(Request $request, int $part): Response
    {
        $map = new Sitemap(ShopStall::of($request));
        abort_unless($part >= 1 && $part <= $map->parts(), 404);

        return self::xml($map->part($part));
    }

    private static function xml(string $xml): Response
    {
        return new Response($xml, 200, [
            'Content-Type' => 'application/xml; charset=utf-8',
            'Cache-Control' => self::MINUTES,
        ]);
    }
}
