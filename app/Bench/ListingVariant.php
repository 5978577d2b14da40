<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Bench\MakeUp\VariantSource;
use WindowStall\Bench\Prices\Price;
use WindowStall\Source\SupplierVariant;

/**
 * A variant of a listing: whether it is offered, and a price set by hand if there is one.
 *
 * @property int $id
 * @property int|null $listing_id null once it was taken off
 * @property int|null $left_listing_id where it was taken off; orders, what shoppers were asked and changes go on naming it
 * @property int $supplier_variant_id
 * @property string $external_id
 * @property int $position
 * @property bool $own_on
 * @property int|null $own_price_minor
 * @property int|null $waiting_price_minor the price that stands while a cost waits
 * @property array<string, mixed>|null $own_recipe
 * @property int|null $own_was_minor
 * @property bool $own_under_floor sold under its floor knowingly
 * @property array<string, string>|null $own_options options the seller gives it
 * @property int|null $sold_variant_id which of its sources sells now; null: its own
 */
final class ListingVariant extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'own_on' => 'boolean',
            'own_options' => 'array',
            'own_recipe' => 'array',
            'own_under_floor' => 'boolean',
        ];
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

    /** @return BelongsTo<SupplierVariant, $this> */
    public function sold(): BelongsTo
    {
        return $this->belongsTo(SupplierVariant::class, 'sold_variant_id');
    }

    /** @return HasMany<VariantSource, $this> */
    public function sources(): HasMany
    {
        return $this->hasMany(VariantSource::class)->orderBy('position');
    }

    /** @return HasMany<Price, $this> market by market */
    public function prices(): HasMany
    {
        return $this->hasMany(Price::class);
    }

    public function priceIn(string $market): ?Price
    {
        return $this->prices->firstWhere('market', $market);
    }

    /** Whoever sells it now: its own supplier, or the one standing in. */
    public function selling(): SupplierVariant
    {
        return $this->sold ??
            ($this->supplierVariant ?? throw new \LogicException('A listing’s variant always has its supplier’s.'));
    }
}
