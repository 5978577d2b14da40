<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\GoodPassword;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Typed;

final class SignUpController
{
    public function show(): Response
    {
        return Inertia::render('stall/SignUp');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->merge(['email' => mb_strtolower(trim(Typed::text($request, 'email')))]);
        $typed = $request->validate(
            [
                'name' => 'required|string|max:80',
                'email' => 'required|email:rfc|max:190|unique:users,email',
                'password' => [
                    'required',
                    'string',
                    new GoodPassword([Typed::text($request, 'email'), Typed::text($request, 'name')]),
                ],
            ],
            [
                'email.unique' => 'Someone has signed up with that address already. Sign in instead.',
                'email.email' => 'That is no e-mail address.',
            ],
        );
        $user = User::query()->create($typed);
        Auth::login($user);
        $request->session()->regenerate();
        SignIn::begin($user, $request);

        return redirect()->route('stalls.new');
    }
}
