<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Source\SupplierConnection;

/**
 * What one supplier must send for one order. Its idempotency key is made with it and never changes, so however often it
 * is sent, it is one order there.
 *
 * @property int $id
 * @property int $order_id
 * @property int $connection_id
 * @property string $idempotency_key
 * @property SupplierOrderState $state
 * @property string|null $external_id
 * @property int $goods_minor
 * @property int $delivery_minor
 * @property int|null $expected_goods_minor what it was expected to charge when it was paid; null for early ones
 * @property int|null $expected_delivery_minor
 * @property int $extras_minor what it takes for what is laid in
 * @property int $expected_extras_minor
 * @property bool $cost_confirmed
 * @property string|null $carrier
 * @property string|null $tracking
 * @property string|null $refusal
 * @property string|null $trouble
 * @property int $tries
 * @property Carbon|null $next_try_at
 * @property Carbon|null $sending_until somebody sends it until then
 * @property bool $unsure it was sent and no answer came: the supplier may have it
 * @property Carbon|null $asked_at
 * @property Carbon|null $sent_at
 * @property Carbon|null $accepted_at
 * @property Carbon|null $posted_at
 * @property Carbon|null $settled_at when its bill was paid
 * @property Carbon|null $joined_until something more can go along in its parcels until then, as its supplier said
 * @property list<string> $packed_in the warehouses it is packed in, where its supplier says them
 */
final class SupplierOrder extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => SupplierOrderState::class,
            'cost_confirmed' => 'boolean',
            'unsure' => 'boolean',
            'sending_until' => 'datetime',
            'next_try_at' => 'datetime',
            'asked_at' => 'datetime',
            'sent_at' => 'datetime',
            'accepted_at' => 'datetime',
            'posted_at' => 'datetime',
            'settled_at' => 'datetime',
            'joined_until' => 'datetime',
            'packed_in' => 'array',
        ];
    }

    /** All that it takes, in the stall's currency. */
    public function charged(): int
    {
        return $this->goods_minor + $this->delivery_minor + $this->extras_minor;
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class)->orderBy('id');
    }
}
