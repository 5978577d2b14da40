<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * A program's key to a stall. The stall is entered where its key is found: outside, its row isn't to be seen.
 *
 * @property string $name
 * @property Carbon|null $last_used_at
 */
final class StallToken extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';

    /** @param  string  $token */
    public static function findToken(#[\SensitiveParameter] $token): ?static
    {
        $found = parent::findToken($token);
        if ($found === null) {
            return null;
        }
        OneStall::enter((int) $found->getAttribute('tokenable_id'));

        return $found;
    }
}
