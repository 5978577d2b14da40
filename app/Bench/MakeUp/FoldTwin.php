<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\VariantFigures;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/**
 * Where an option was dropped, a variant that comes in later and differs in nothing else is no choice of its own: it is a
 * further source of the one that stands there.
 */
final class FoldTwin
{
    public static function of(Stall $stall, Listing $listing, SupplierVariant $new): void
    {
        if ($listing->own_dropped === []) {
            return;
        }
        $variants = ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id))->variants;
        $came = array_values(array_filter(
            $variants,
            static fn (VariantFigures $v): bool => $v->row->supplier_variant_id === $new->id,
        ))[0] ?? null;
        $twin = array_values(array_filter(
            $variants,
            static fn (VariantFigures $v): bool => $v !== $came && $v->options === $came?->options,
        ))[0] ?? null;
        if ($came === null || $twin === null) {
            return;
        }
        OnListing::takeOff([$came->row->id]);
        $keeps = $new->landed_minor !== null && ($new->days_max ?? 0) <= $stall->promise_days;
        self::addSource($twin->row, $new->id, $keeps);
    }

    private static function addSource(ListingVariant $row, int $supplier, bool $use): void
    {
        $sources = VariantSource::query()->where('listing_variant_id', $row->id);
        if ($sources->doesntExist()) {
            self::insert($row, $row->supplier_variant_id, 0, true);
        }
        self::insert($row, $supplier, (int) $sources->max('position') + 1, $use);
    }

    private static function insert(ListingVariant $row, int $supplier, int $position, bool $use): void
    {
        VariantSource::query()->insertOrIgnore([
            'listing_variant_id' => $row->id,
            'supplier_variant_id' => $supplier,
            'position' => $position,
            'use' => $use,
        ]);
    }
}
