<?php

declare(strict_types=1);

namespace WindowStall\Source\Account;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Core\Money\Money;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/**
 * Pieces a stall has bought ahead, which lie at their supplier until orders use them up; as that supplier said last.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $connection_id
 * @property int $supplier_variant_id
 * @property int $pieces
 * @property int $left
 * @property int $cost_minor what each cost, in the supplier's currency
 * @property string $currency
 */
final class BoughtAhead extends Model
{
    public $timestamps = false;

    protected $table = 'bought_ahead';

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<SupplierVariant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(SupplierVariant::class, 'supplier_variant_id');
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    public function cost(): Money
    {
        return Money::of($this->cost_minor, $this->currency);
    }

    /**
     * @param  iterable<int>  $variants
     * @return Collection<int, self> what is left of them, the oldest first: in this turn it is used up
     */
    public static function left(Stall $stall, iterable $variants): Collection
    {
        return self::of($stall)
            ->whereIn('supplier_variant_id', collect($variants))
            ->where('left', '>', 0)
            ->orderBy('id')
            ->get();
    }
}
