<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request as Asked;
use Symfony\Component\BrowserKit\Request;
use Symfony\Component\BrowserKit\Response;
use WindowStall\Opening\Rehearsal\ReachesShop;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** The shop as its program answers, within the test's transaction: the web server before it is left out. */
final class ShopWithin implements ReachesShop
{
    public function ask(Stall $stall, Request $request): Response
    {
        $before = app('request');
        $cookies = array_map(static fn (string $value): string => $value, $request->getCookies());
        $answer = app(Kernel::class)->handle($asked = Asked::create(
            $request->getUri(),
            $request->getMethod(),
            $request->getParameters(),
            $cookies,
            server: $request->getServer(),
        ));
        app(Kernel::class)->terminate($asked, $answer);
        app()->instance('request', $before);
        OneStall::enter($stall->id);
        OneStall::rehearse();

        return new Response((string) $answer->getContent(), $answer->getStatusCode(), $answer->headers->all());
    }
}
