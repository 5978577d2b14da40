<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use WindowStall\Support\Refusal;

/**
 * The one way out: every call to somebody else's service is made by a client that checked the address, goes to the very
 * machine that was checked, follows no redirect, and has an end in time and size.
 */
final class Outside
{
    /** Bytes of one answer. */
    public const MOST = 24_000_000;

    /** Seconds until somebody answers the door. */
    private const CONNECT = 3;

    /**
     * @param  string  $base  what the paths of its calls are added to
     * @param  int  $seconds  for the whole of a call
     *
     * @throws Refusal when the address isn't one that may be called
     * @throws Unreachable when there is no such host
     */
    public static function at(string $base, int $seconds, int $most = self::MOST): PendingRequest
    {
        return self::guarded(Http::createPendingRequest(), PublicAddress::of($base), $seconds, $most);
    }

    /**
     * Several calls to one place at once.
     *
     * @param  float  $seconds  that are waited for the slowest
     * @param  array<string, callable(PendingRequest): mixed>  $calls  each given what {@see at()} gives
     * @return array<string, Response|null> by the same keys; null where no answer came
     *
     * @throws Refusal when the address isn't one that may be called
     * @throws Unreachable when there is no such host
     */
    public static function together(string $base, float $seconds, array $calls): array
    {
        $address = PublicAddress::of($base);
        $answers = Http::pool(static fn (Pool $pool): array => array_map(
            static fn (string $key, callable $call): mixed => $call(self::guarded($pool->as($key), $address, $seconds, self::MOST)),
            array_keys($calls),
            $calls,
        ));

        return array_map(static fn (mixed $answer): ?Response => $answer instanceof Response ? $answer : null, $answers);
    }

    private static function guarded(PendingRequest $call, PublicAddress $to, float|int $seconds, int $most): PendingRequest
    {
        return $call->baseUrl($to->url)
            ->timeout($seconds)
            ->connectTimeout(min(self::CONNECT, $seconds))
            ->withOptions($to->options() + ['progress' => Fetch::limit($most)]);
    }
}
