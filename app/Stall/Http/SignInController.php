<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;

final class SignInController
{
    public function show(): Response
    {
        return Inertia::render('stall/SignIn');
    }

    public function store(Request $request): RedirectResponse
    {
        $typed = $request->validate(['email' => 'required|string|max:190', 'password' => 'required|string|max:200']);
        if (! Auth::attempt(['email' => mb_strtolower(trim($typed['email'])), 'password' => $typed['password']])) {
            throw ValidationException::withMessages([
                'email' => 'No one with that address and password works here. Check both, or sign up.',
            ]);
        }
        $request->session()->regenerate();
        $user = $request->user();
        \assert($user instanceof User);
        SignIn::begin($user, $request);

        return redirect()->intended(route('home'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        SignIn::query()
            ->whereKey((string) $request->session()->get(SignIn::KEY))
            ->where('user_id', $request->user()?->getAuthIdentifier())
            ->delete();
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
