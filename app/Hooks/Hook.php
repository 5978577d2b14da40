<?php

declare(strict_types=1);

namespace WindowStall\Hooks;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A program's address that is told of what happens in a stall.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $address
 * @property string $secret "whsec_" and 24 bytes in base64
 * @property list<string> $events
 */
final class Hook extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['secret' => 'encrypted', 'events' => 'array'];
    }

    /** @return HasMany<Delivery, $this> */
    public function deliveries(): HasMany
    {
        return $this->hasMany(Delivery::class);
    }
}
