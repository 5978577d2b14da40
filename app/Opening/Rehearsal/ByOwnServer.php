<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Http\Client\ConnectionException;
use Symfony\Component\BrowserKit\Request;
use Symfony\Component\BrowserKit\Response;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\OwnServer;

/** Over HTTP, as any shopper: through the web server, its ready pages and what they are limited by. */
final class ByOwnServer implements ReachesShop
{
    /** Nobody waits longer for a page; seconds. */
    private const SECONDS = 15;

    public function ask(Stall $stall, Request $request): Response
    {
        $url = parse_url($request->getUri());
        $cookies = implode('; ', array_map(
            static fn (string $name, string $value): string => $name.'='.rawurlencode($value),
            array_keys($request->getCookies()),
            $request->getCookies(),
        ));
        try {
            $answer = OwnServer::send(
                (string) config('stall.own_address'),
                ($url['host'] ?? '').(isset($url['port']) ? ':'.$url['port'] : ''),
                $request->getMethod(),
                ($url['path'] ?? '/').(isset($url['query']) ? '?'.$url['query'] : ''),
                self::SECONDS,
                $request->getParameters(),
                array_filter(['Cookie' => $cookies, 'User-Agent' => 'Rehearsal']),
            );
        } catch (ConnectionException) {
            throw new Stuck('The shop doesn’t answer.');
        }

        return new Response($answer->body(), $answer->status(), $answer->headers());
    }
}
