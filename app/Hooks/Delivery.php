<?php

declare(strict_types=1);

namespace WindowStall\Hooks;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One message to a program, and what became of it.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $hook_id
 * @property string $message the same each time it is sent
 * @property string $event
 * @property string $body
 * @property DeliveryState $state
 * @property int $tries
 * @property int|null $answered the HTTP status of the last answer
 * @property string|null $trouble
 * @property Carbon|null $delivered_at
 * @property Carbon|null $created_at
 * @property-read Hook|null $hook
 */
final class Delivery extends Model
{
    protected $table = 'hook_deliveries';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => DeliveryState::class, 'delivered_at' => 'datetime'];
    }

    /** @return BelongsTo<Hook, $this> */
    public function hook(): BelongsTo
    {
        return $this->belongsTo(Hook::class);
    }
}
