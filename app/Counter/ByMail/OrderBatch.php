<?php

declare(strict_types=1);

namespace WindowStall\Counter\ByMail;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Source\SupplierConnection;

/**
 * The table of orders that went to a supplier on one day.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $connection_id
 * @property string $day YYYY-MM-DD, by the stall's clock
 * @property string $sheet CSV
 * @property int $orders
 * @property Carbon $made_at
 */
final class OrderBatch extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime'];
    }

    /** @return HasMany<self, SupplierConnection> a supplier's */
    public static function of(SupplierConnection $connection): HasMany
    {
        return $connection->hasMany(self::class, 'connection_id');
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** Where its answers are read. */
    public static function answersTo(SupplierConnection $connection): string
    {
        return 'orders-'.$connection->public_id.'@'.config('stall.mailbox.host');
    }
}
