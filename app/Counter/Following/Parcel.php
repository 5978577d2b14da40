<?php

declare(strict_types=1);

namespace WindowStall\Counter\Following;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Following\ParcelEvent;
use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/**
 * A parcel on its way to a shopper.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $order_id
 * @property int $supplier_order_id
 * @property int $connection_id
 * @property string $country where it goes
 * @property int $number within the order
 * @property array<int, int> $pieces by line
 * @property string $carrier
 * @property string|null $tracking
 * @property string|null $promised_to the last day the shopper was told, as YYYY-MM-DD
 * @property Carbon $posted_at
 * @property ParcelEventKind|null $stands what its carrier told last
 * @property string $place where that was
 * @property Carbon $moved_at when it was
 * @property Carbon|null $there_at
 * @property Carbon|null $asked_at
 * @property Carbon|null $next_ask_at null where nobody can be asked, or nothing is left to ask
 */
final class Parcel extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'pieces' => 'array',
            'stands' => ParcelEventKind::class,
            'posted_at' => 'datetime',
            'moved_at' => 'datetime',
            'there_at' => 'datetime',
            'asked_at' => 'datetime',
            'next_ask_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<SupplierOrder, $this> */
    public function supplierOrder(): BelongsTo
    {
        return $this->belongsTo(SupplierOrder::class);
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** @return Collection<int, OrderLine> of which it has pieces */
    public function linesOf(Order $order): Collection
    {
        return $order->lines->filter(fn (OrderLine $line): bool => isset($this->pieces[$line->id]));
    }

    /** @return list<ParcelEvent> the first first */
    public function events(): array
    {
        return array_values(DB::table('parcel_events')
            ->where('parcel_id', $this->id)
            ->orderBy('at')
            ->get()
            ->map(static fn (\stdClass $row): ParcelEvent => new ParcelEvent(
                (string) $row->key,
                ParcelEventKind::from((string) $row->kind),
                Carbon::parse((string) $row->at, 'UTC')->toDateTimeImmutable(),
                (string) $row->place,
            ))
            ->all());
    }
}
