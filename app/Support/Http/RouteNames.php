<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Tighten\Ziggy\Ziggy;

/** The addresses of the workshop for its scripts, as a script of its own: pages carry none. */
final class RouteNames
{
    public function __invoke(Request $request): Response
    {
        $script =
            'window.Ziggy='.
            (new Ziggy())->toJson().
            ';'.
            file_get_contents(base_path('vendor/tightenco/ziggy/dist/route.umd.js'));
        $response = new Response($script, 200, [
            'Content-Type' => 'text/javascript; charset=utf-8',
            'Cache-Control' => 'public, no-cache',
        ]);
        $response->setEtag(hash('xxh128', $script));
        $response->isNotModified($request);

        return $response;
    }
}
