<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\ChangePassword;
use WindowStall\Stall\GoodPassword;
use WindowStall\Stall\OwnTerm;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\PersonView;

/** What is a person's own: their password, and where they are signed in. */
final class PersonController
{
    public function show(Request $request): Response
    {
        return Inertia::render('stall/You', ['person' => PersonView::of(self::person($request), self::here($request))]);
    }

    public function password(Request $request, ChangePassword $change): RedirectResponse
    {
        $user = self::person($request);
        $typed = $request->validate(
            [
                'current' => 'bail|required|string|current_password',
                'password' => ['required', 'string', new GoodPassword([$user->email, $user->name])],
            ],
            ['current.*' => 'This isn’t your password now.', 'password.required' => 'Type the new password.'],
        );
        $change($user, $typed['password'], self::here($request));
        $request->session()->regenerate();

        return back()->with('say', 'The new password holds; everywhere else you are signed out.');
    }

    /** Ends one sign-in, or all but this. */
    public function end(Request $request, ?string $signIn = null): RedirectResponse
    {
        SignIn::query()
            ->where('user_id', self::person($request)->id)
            ->whereKeyNot(self::here($request))
            ->when($signIn !== null, fn ($q) => $q->whereKey($signIn))
            ->delete();

        return back()->with('say', $signIn === null ? 'Everywhere else you are signed out.' : 'Signed out there.');
    }

    /** A word of the workshop's needn't be explained to this person any more. */
    public function term(Request $request): HttpResponse
    {
        $typed = $request->validate(['term' => ['required', Rule::enum(OwnTerm::class)]], ['term' => 'There is no such word.']);
        $user = self::person($request);
        $user->update(['explained' => array_values(array_unique([...$user->explained, (string) $typed['term']]))]);

        return response()->noContent();
    }

    /** Turns keys of one letter on or off. */
    public function keys(Request $request): RedirectResponse
    {
        $typed = $request->validate(['on' => 'required|boolean'], ['on' => 'Say whether they are on.']);
        self::person($request)->update(['single_keys' => (bool) $typed['on']]);

        return back();
    }

    private static function person(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }

    private static function here(Request $request): string
    {
        $id = $request->session()->get(SignIn::KEY);

        return is_string($id) ? $id : abort(401);
    }
}
