<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Bench\Listing;

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
 */
final class SupplierItem extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['gone_at' => 'datetime'];
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

    /** @return HasMany<Listing, $this> */
    public function listings(): HasMany
    {
        return $this->hasMany(Listing::class);
    }
}
