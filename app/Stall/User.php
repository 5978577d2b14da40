<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use WindowStall\Stall\Mail\NewPasswordLink;

/**
 * A person who works in stalls.
 *
 * @property int $id
 * @property string $name
 * @property string $password its hash
 * @property string $email
 * @property bool $single_keys whether keys of one letter act
 * @property list<string> $explained words of the workshop's that needn't be explained any more: {@see OwnTerm}
 */
final class User extends Authenticatable
{
    protected $attributes = ['single_keys' => true, 'explained' => '[]'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'single_keys' => 'boolean', 'explained' => 'array'];
    }

    /** @param  string  $token */
    public function sendPasswordResetNotification(#[\SensitiveParameter] $token): void
    {
        Mail::to($this->email)->queue(new NewPasswordLink($this, $token));
    }

    /** Who asks; null where it is a program. */
    public static function asking(Request $request): ?self
    {
        $user = $request->user();

        return $user instanceof self ? $user : null;
    }
}
