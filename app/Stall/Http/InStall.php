<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Lets only the people of a stall in; to everyone else it doesn't exist. */
final class InStall
{
    public function handle(Request $request, Closure $next): Response
    {
        $stall = $request->route('stall');
        $user = $request->user();
        abort_unless($stall instanceof Stall && $user instanceof User, 404);
        abort_unless($user->stalls()->whereKey($stall->id)->exists(), 404);
        OneStall::enter($stall->id);
        if ($user->getAttribute('current_stall_id') !== $stall->id && $request->isMethod('GET')) {
            $user->forceFill(['current_stall_id' => $stall->id])->save();
        }

        return $next($request);
    }
}
