<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/** Agrees to what the supplier says now: it becomes the agreed word; new variants come in, gone ones leave. */
final readonly class Agree
{
    public function __construct(private ProjectListings $project)
    {
    }

    /**
     * @param  Collection<int, Listing>  $listings
     * @return int how many changes were agreed to
     */
    public function __invoke(Stall $stall, Collection $listings): int
    {
        $count = (int) $listings->sum('changes_count');
        DB::transaction(function () use ($stall, $listings): void {
            foreach ($listings->load('supplierItem.variants', 'variants') as $listing) {
                $listing->update(['agreed_words_id' => $listing->supplierItem->words_id ?? $listing->agreed_words_id]);
                $this->variants($listing);
            }
            ($this->project)($stall, array_values($listings->modelKeys()));
        });
        $stall->bumpShop();

        return $count;
    }

    private function variants(Listing $listing): void
    {
        foreach ($listing->supplierItem->variants ?? [] as $variant) {
            /** @var SupplierVariant $variant */
            if ($variant->gone_at === null) {
                ListingVariant::query()->insertOrIgnore(['listing_id' => $listing->id, 'supplier_variant_id' => $variant->id, 'external_id' => $variant->external_id, 'position' => $variant->position, 'own_on' => true]);
            } else {
                ListingVariant::query()->where('listing_id', $listing->id)->where('supplier_variant_id', $variant->id)->delete();
            }
        }
    }
}
