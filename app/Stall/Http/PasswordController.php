<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Contracts\Auth\PasswordBroker;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\ChangePassword;
use WindowStall\Stall\GoodPassword;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;

/** A password that was forgotten: a link by mail, and a new one. Nobody learns here who has a place in the program. */
final readonly class PasswordController
{
    public function __construct(private ChangePassword $change)
    {
    }

    public function forgotten(): Response
    {
        return Inertia::render('stall/ForgottenPassword');
    }

    public function send(Request $request): RedirectResponse
    {
        $typed = $request->validate(
            ['email' => 'required|email:rfc|max:190'],
            ['email.*' => 'Type the e-mail address you sign in with.'],
        );
        Password::broker()->sendResetLink(['email' => mb_strtolower(trim($typed['email']))]);

        return back()->with(
            'say',
            'If somebody works here with that address, a link is on its way to it. It holds for an hour.',
        );
    }

    public function create(Request $request, string $token): Response
    {
        $email = $request->query('email');

        return Inertia::render('stall/NewPassword', [
            'token' => $token,
            'email' => is_string($email) ? mb_substr($email, 0, 190) : '',
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $typed = $request->validate([
            'token' => 'required|string|max:200',
            'email' => 'required|string|max:190',
            'password' => ['required', 'string'],
        ]);
        $email = mb_strtolower(trim($typed['email']));
        $user = User::query()->where('email', $email)->first();
        $request->validate(['password' => [new GoodPassword([$email, (string) $user?->name])]]);
        $status = Password::broker()->reset(
            ['email' => $email, 'token' => $typed['token'], 'password' => $typed['password']],
            fn (User $user, string $password) => ($this->change)($user, $password, null),
        );
        if ($status !== PasswordBroker::PASSWORD_RESET || $user === null) {
            throw ValidationException::withMessages([
                'password' => 'This link has been used or is too old. Ask for another one.',
            ]);
        }
        Auth::login($user->refresh());
        $request->session()->regenerate();
        SignIn::begin($user, $request);

        return redirect()->route('home')->with('say', 'The new password holds from now on.');
    }
}
