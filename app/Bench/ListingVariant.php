<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use WindowStall\Source\SupplierVariant;

/**
 * A variant of a listing: whether it is offered, and a price set by hand if there is one.
 *
 * @property int $id
 * @property int $listing_id
 * @property int $supplier_variant_id
 * @property string $external_id
 * @property int $position
 * @property bool $own_on
 * @property int|null $own_price_minor
 * @property int|null $shown_price_minor
 * @property int|null $shown_keep_minor
 */
final class ListingVariant extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['own_on' => 'boolean'];
    }

    /** @return BelongsTo<Listing, $this> */
    public function listing(): BelongsTo
    {
        return $this->belongsTo(Listing::class);
    }

    /** @return BelongsTo<SupplierVariant, $this> */
    public function supplierVariant(): BelongsTo
    {
        return $this->belongsTo(SupplierVariant::class);
    }
}
