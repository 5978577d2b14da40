<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Stall\Stall;

/**
 * A stall's account with a supplier.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $public_id
 * @property string $kind
 * @property string $name
 * @property string $address
 * @property array{key: string, hook: string} $secrets
 * @property Carbon|null $pulled_at
 * @property string|null $trouble
 */
final class SupplierConnection extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['secrets' => 'encrypted:array', 'pulled_at' => 'datetime'];
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class, 'connection_id');
    }

    public function connector(): Connector
    {
        return app(Connectors::class)->get($this->kind);
    }

    public function access(): Access
    {
        return new Access($this->address, $this->secrets['key']);
    }
}
