<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/** A person who works in stalls. */
final class User extends Authenticatable
{
    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }

    /** @return BelongsToMany<Stall, $this> */
    public function stalls(): BelongsToMany
    {
        return $this->belongsToMany(Stall::class, 'memberships')->orderBy('stalls.id');
    }
}
