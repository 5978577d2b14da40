<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\VariantSource;
use WindowStall\Core\Source\SupplierVariant as Variant;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Source\SupplierWords;
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
            foreach ($listings->load('supplierItem.words', 'supplierItem.variants', 'agreedWords', 'joined.supplierItem.words', 'joined.supplierItem.variants', 'joined.agreedWords') as $listing) {
                $this->item($listing, $listing->supplierItem, $listing->agreedWords);
                $listing->update(['agreed_words_id' => $listing->supplierItem->words_id ?? $listing->agreed_words_id]);
                foreach ($listing->joined as $joined) {
                    $this->item($listing, $joined->supplierItem, $joined->agreedWords);
                    $joined->update(['agreed_words_id' => $joined->supplierItem->words_id ?? $joined->agreed_words_id]);
                }
            }
            ($this->project)($stall, array_values($listings->modelKeys()));
        });
        $stall->bumpShop();

        return $count;
    }

    /** Brings in what the supplier added since the last agreement, and lets go what it dropped. What the seller left out stays out. */
    private function item(Listing $listing, ?SupplierItem $item, ?SupplierWords $agreed): void
    {
        $before = $agreed?->item();
        $now = $item?->words?->item();
        foreach ($item->variants ?? [] as $variant) {
            /** @var SupplierVariant $variant */
            $said = $now?->variant($variant->external_id);
            if ($variant->gone_at !== null) {
                VariantSource::query()->where('supplier_variant_id', $variant->id)->whereIn('listing_variant_id', $listing->variants()->select('id'))->delete();
                ListingVariant::query()->where('listing_id', $listing->id)->where('supplier_variant_id', $variant->id)->whereDoesntHave('sources')->delete();
            } elseif ($said !== null && $before?->variant($variant->external_id) === null && $this->belongs($listing, $said)) {
                ListingVariant::query()->insertOrIgnore(['listing_id' => $listing->id, 'supplier_variant_id' => $variant->id, 'external_id' => $variant->external_id, 'position' => $variant->position, 'own_on' => true]);
            }
        }
    }

    /** Whether a new variant is of this listing's part, when its item was split. */
    private function belongs(Listing $listing, Variant $said): bool
    {
        return $listing->own_part === null || in_array($said->options[$listing->own_part['option']] ?? '', $listing->own_part['values'], true);
    }
}
