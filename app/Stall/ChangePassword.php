<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Stall\Mail\PasswordChanged;

/** Gives a person another password, ends every sign-in but the one it is done in, and tells them by mail. */
final class ChangePassword
{
    /** @param  string|null  $here  the sign-in that stays; none when it was forgotten */
    public function __invoke(User $user, #[\SensitiveParameter] string $password, ?string $here): void
    {
        DB::transaction(static function () use ($user, $password, $here): void {
            $user->forceFill(['password' => $password, 'remember_token' => null])->save();
            SignIn::query()
                ->where('user_id', $user->id)
                ->when($here !== null, fn ($q) => $q->whereKeyNot($here))
                ->delete();
        });
        Mail::to($user->email)->queue(new PasswordChanged($user));
    }
}
