<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Source\Landing\LandListed;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Where a variant is had from, in the seller's order: who stands in when the first has none. */
final readonly class SetSources
{
    private const MOST = 12;

    public function __construct(private ProjectListings $project, private LandListed $land)
    {
    }

    /**
     * @param  list<array{id: int, use: bool}>  $sources  supplier variants, the first first
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, Listing $listing, ListingVariant $variant, array $sources): void
    {
        $ids = array_column($sources, 'id');
        if ($ids === [] || count($ids) > self::MOST || count(array_unique($ids)) !== count($ids)) {
            throw new Refusal(sprintf('A variant has from 1 to %d sources, each once.', self::MOST));
        }
        if (! in_array($variant->supplier_variant_id, $ids, true)) {
            throw new Refusal('The source a variant came from stays among them; switch it off if it mustn’t sell.');
        }
        if (array_filter($sources, static fn (array $s): bool => $s['use']) === []) {
            throw new Refusal('At least one source has to be used. Switch the variant off instead.');
        }
        if (
            SupplierVariant::query()
                ->whereKey($ids)
                ->whereHas('item', fn ($q) => $q->where('stall_id', $stall->id))
                ->count() !== count($ids)
        ) {
            throw new Refusal('One of these sources isn’t yours. Load the page again.');
        }
        DB::transaction(function () use ($variant, $sources): void {
            VariantSource::query()->where('listing_variant_id', $variant->id)->delete();
            if (count($sources) > 1) {
                VariantSource::query()->insert(
                    array_map(
                        static fn (array $s, int $n): array => [
                            'listing_variant_id' => $variant->id,
                            'supplier_variant_id' => $s['id'],
                            'position' => $n,
                            'use' => $s['use'],
                        ],
                        $sources,
                        array_keys($sources),
                    ),
                );
            }
        });
        ($this->land)(
            $stall,
            array_values(
                SupplierVariant::query()->whereKey($ids)->pluck('supplier_item_id')->unique()->map(intval(...))->all(),
            ),
        );
        ($this->project)($stall, [$listing->id]);
    }

    /**
     * Variants that are probably the same goods: the same barcode first, then what was typed as SKU or words.
     *
     * @return Collection<int, SupplierVariant>
     */
    public function candidates(Stall $stall, ListingVariant $variant, string $words): Collection
    {
        $own = $variant->supplierVariant;
        $query = SupplierVariant::query()
            ->with('item.connection')
            ->whereNull('gone_at')
            ->whereKeyNot($variant->supplier_variant_id)
            ->whereHas('item', fn ($q) => $q->where('stall_id', $stall->id))
            ->limit(12);
        if ($words !== '') {
            $like = '%'.addcslashes($words, '%_\\').'%';

            return $query
                ->where(
                    fn ($q) => $q
                        ->where('sku', 'ilike', $like)
                        ->orWhere('barcode', $words)
                        ->orWhereHas('item', fn ($i) => $i->where('title', 'ilike', $like)),
                )
                ->orderByRaw('landed_minor NULLS LAST')
                ->get();
        }

        return $own === null || $own->barcode === null || $own->barcode === ''
            ? collect()
            : $query->where('barcode', $own->barcode)->orderByRaw('landed_minor NULLS LAST')->get();
    }
}
