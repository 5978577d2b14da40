<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use Illuminate\Http\Client\PendingRequest;
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
        $address = PublicAddress::of($base);

        return Http::baseUrl($address->url)
            ->timeout($seconds)
            ->connectTimeout(min(self::CONNECT, $seconds))
            ->withOptions($address->options() + ['progress' => Fetch::limit($most)]);
    }
}
