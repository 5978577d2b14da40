<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use WindowStall\Source\SupplierVariant;

/**
 * One place a variant of a listing can be had from, in the seller's order. A variant without such rows has one source:
 * its own.
 *
 * @property int $listing_variant_id
 * @property int $supplier_variant_id
 * @property int $position
 * @property bool $use
 */
final class VariantSource extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['use' => 'boolean'];
    }

    /** @return BelongsTo<SupplierVariant, $this> */
    public function supplierVariant(): BelongsTo
    {
        return $this->belongsTo(SupplierVariant::class);
    }
}
