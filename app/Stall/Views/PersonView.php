<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;

/** A person and where they are signed in. */
final readonly class PersonView
{
    /** @param  list<SignInView>  $signIns  this one first */
    public function __construct(public string $name, public string $email, public array $signIns)
    {
    }

    public static function of(User $user, string $here): self
    {
        $all = SignIn::query()
            ->where('user_id', $user->id)
            ->orderByRaw('id = ? DESC', [$here])
            ->orderByDesc('seen_at')
            ->limit(50)
            ->get();

        return new self(
            name: $user->name,
            email: $user->email,
            signIns: array_values($all->map(static fn (SignIn $s): SignInView => SignInView::of($s, $here))->all()),
        );
    }
}
