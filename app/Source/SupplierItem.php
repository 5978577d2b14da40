<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Source\Landing\ItemLanding;
use WindowStall\Stall\Stall;

/**
 * An item as its supplier says it now, in columns that can be searched and sorted. What it costs landed is in {@see
 * ItemLanding}, market by market.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $connection_id
 * @property string $external_id
 * @property string $title
 * @property string $category
 * @property string|null $picture
 * @property string $currency
 * @property string $content_hash
 * @property int|null $words_id
 * @property int|null $rating
 * @property int $variants_count
 * @property int $stock
 * @property int|null $cost_minor
 * @property Carbon|null $gone_at
 * @property int|null $made_from_id the item that a stall made it of
 */
final class SupplierItem extends Model
{
    private const TAKEN = <<<'SQL'
        EXISTS (
            SELECT 1
            FROM listings AS taken
            WHERE taken.supplier_item_id = supplier_items.id
              AND taken.deleted_at IS NULL
        )
        SQL;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['gone_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** @return BelongsTo<SupplierWords, $this> */
    public function words(): BelongsTo
    {
        return $this->belongsTo(SupplierWords::class, 'words_id');
    }

    /** @return HasMany<SupplierVariant, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(SupplierVariant::class)->orderBy('position');
    }

    /** @return HasMany<ItemLanding, $this> */
    public function landings(): HasMany
    {
        return $this->hasMany(ItemLanding::class);
    }

    /**
     * With "taken": whether the stall has a listing of it.
     *
     * @param  Builder<self>  $query
     */
    public function scopeWithTaken(Builder $query): void
    {
        $query->select('supplier_items.*')->selectRaw(self::TAKEN.' AS taken');
    }

    public function isTaken(): bool
    {
        $loaded = $this->getAttributes()['taken'] ?? null;

        return (bool) ($loaded ?? self::query()->whereKey($this->id)->whereRaw(self::TAKEN)->exists());
    }

    /** @param  Builder<self>  $query */
    public function scopeNotTaken(Builder $query): void
    {
        $query->whereRaw('NOT '.self::TAKEN);
    }
}
