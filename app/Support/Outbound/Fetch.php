<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use WindowStall\Support\Refusal;

/** Fetches a file from a public address into a file here: guarded at each redirect, bounded in size and time. */
final class Fetch
{
    private const REDIRECTS = 3;

    /**
     * @param  string  $to  path of the file that is written
     * @param  int  $most  bytes
     * @param  int  $seconds  for the whole
     *
     * @throws Refusal|Unreachable in words for the seller
     */
    public static function file(string $url, string $to, int $most, int $seconds): void
    {
        for ($hop = 0; $hop <= self::REDIRECTS; $hop++) {
            $address = PublicAddress::of($url);
            try {
                $response = Http::timeout($seconds)
                    ->connectTimeout(4)
                    ->withOptions($address->options() + ['sink' => $to, 'progress' => self::limit($most)])
                    ->get($address->url);
                if ((int) filesize($to) > $most) {
                    throw new TooLarge();
                }
            } catch (TooLarge) {
                throw new Refusal(
                    sprintf(
                        'The file at %s is larger than %s.',
                        $address->host,
                        $most >= 1_000_000
                            ? number_format(intdiv($most, 1_000_000)).' MB'
                            : number_format(intdiv($most, 1000)).' kB',
                    ),
                );
            } catch (ConnectionException $e) {
                throw new Unreachable(
                    str_contains($e->getMessage(), 'timed out') || str_contains($e->getMessage(), 'cURL error 28')
                        ? sprintf(
                            '%s didn’t send the file within %d seconds. Try again later.',
                            $address->host,
                            $seconds,
                        )
                        : sprintf('Nothing answers at %s. Check the address, or try again later.', $address->host),
                );
            }
            if (! $response->redirect()) {
                if (! $response->successful()) {
                    throw new Refusal(
                        sprintf(
                            '%s didn’t give the file (it answered %d). Check the address%s.',
                            $address->host,
                            $response->status(),
                            in_array($response->status(), [401, 403], true) ? ' and the key' : '',
                        ),
                    );
                }

                return;
            }
            $url = self::next($address->url, $response->header('Location'));
        }
        throw new Refusal('The address leads on and on from one to the next. Give the last of them.');
    }

    /** @throws Refusal|Unreachable */
    public static function bytes(string $url, int $most, int $seconds): string
    {
        $to = tempnam(sys_get_temp_dir(), 'fetch') ?: throw new \RuntimeException('No room for a file.');
        try {
            self::file($url, $to, $most, $seconds);

            return (string) file_get_contents($to);
        } finally {
            unlink($to);
        }
    }

    /**
     * Stops a transfer that grows too large while it is under way.
     *
     * @return callable(mixed, mixed): void for the HTTP client's progress
     */
    public static function limit(int $most): callable
    {
        return static function (mixed $whole, mixed $done) use ($most): void {
            if (max(is_numeric($whole) ? $whole : 0, is_numeric($done) ? $done : 0) > $most) {
                throw new TooLarge();
            }
        };
    }

    private static function next(string $from, string $location): string
    {
        return (string) \GuzzleHttp\Psr7\UriResolver::resolve(
            new \GuzzleHttp\Psr7\Uri($from),
            new \GuzzleHttp\Psr7\Uri($location),
        );
    }
}
