<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Shop\GoodsFeed;
use WindowStall\Shop\ShopStall;

/** The goods for programs that list them elsewhere, part by part. */
final class FeedController
{
    public function first(Request $request): JsonResponse
    {
        return $this->part($request, 1);
    }

    public function part(Request $request, int $part): JsonResponse
    {
        $feed = new GoodsFeed(ShopStall::of($request));
        abort_unless($feed->has($part), 404);

        return new JsonResponse(
            $feed->part($part),
            200,
            ['Content-Type' => 'application/ld+json', 'Cache-Control' => 'public, max-age=3600']
            + ($feed->has($part + 1) ? ['Link' => '<'.$feed->address($part + 1).'>; rel="next"'] : []),
            JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
