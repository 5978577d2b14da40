<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;

/** A session counts as long as its sign-in does: one that was ended elsewhere is signed out here. */
final class SignedInHere
{
    /** How exactly it is known when somebody was last here; seconds. */
    private const GRAIN = 120;

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession()) {
            $this->look($user, $request);
        }

        return $next($request);
    }

    private function look(User $user, Request $request): void
    {
        $id = $request->session()->get(SignIn::KEY);
        $signIn = is_string($id) ? SignIn::query()->where('user_id', $user->id)->find($id) : null;
        if ($signIn === null && $id !== null) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();

            throw new AuthenticationException('This sign-in was ended.', redirectTo: route('sign-in'));
        }
        $signIn ??= SignIn::begin($user, $request);
        if ($signIn->seen_at->isBefore(now()->subSeconds(self::GRAIN))) {
            $signIn->update(['seen_at' => now(), 'address' => (string) $request->ip()]);
        }
    }
}
