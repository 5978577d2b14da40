<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One pull of a supplier's catalogue: who started it, how far it is, what it found.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $connection_id
 * @property RunState $state
 * @property string $doing
 * @property int|null $total
 * @property int $done
 * @property array{new?: int, changed?: int, same?: int, gone?: int} $counts
 * @property string|null $trouble
 * @property Carbon|null $started_at
 * @property Carbon|null $ended_at
 */
final class Run extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => RunState::class, 'counts' => 'array', 'started_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    public function cancelled(): bool
    {
        return self::query()->whereKey($this->id)->where('state', RunState::Cancelled)->exists();
    }
}
