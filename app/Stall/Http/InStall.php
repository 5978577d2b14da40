<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Lets only the people of a stall in; to everyone else it doesn't exist. */
final class InStall
{
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $user = $request->user();
        abort_unless(is_object($route) && $user instanceof User, 404);
        $handle = $route->parameter('stall');
        $stall = is_string($handle) ? Door::enterFor($user, $handle) : null;
        abort_unless($stall instanceof Stall, 404);
        $route->setParameter('stall', $stall);
        if ($user->getAttribute('current_stall_id') !== $stall->id && $request->isMethod('GET')) {
            $user->forceFill(['current_stall_id' => $stall->id])->save();
        }

        return $next($request);
    }
}
