<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Closure;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Busy;

/**
 * For requests that are dear (they ask outside, or work for seconds): a stall has a few of them going at once, so that
 * others get their turn.
 */
final class LimitConcurrency
{
    private const MOST = 3;

    /** A request that was killed gives its place back after so long; seconds. */
    private const LONGEST = 60;

    public function handle(Request $request, Closure $next): Response
    {
        $stall = $request->route('stall');
        $place = $this->place($stall instanceof Stall ? $stall->id : 0) ?? throw Busy::atOnce();
        try {
            return $next($request);
        } finally {
            $place->release();
        }
    }

    private function place(int $stall): ?Lock
    {
        for ($n = 0; $n < self::MOST; $n++) {
            $lock = Cache::lock(sprintf('dear.%d.%d', $stall, $n), self::LONGEST);
            if ($lock->get()) {
                return $lock;
            }
        }

        return null;
    }
}
