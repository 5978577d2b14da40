<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Bench\Twin;
use WindowStall\Core\Bench\TwinGroup;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Drops an option no shopper should see. Variants that differ in nothing else fall together into one; the others of
 * each group stay behind it as further sources, used when they keep the shop's promise of days.
 */
final readonly class DropOption
{
    public function __construct(private ProjectListings $project)
    {
    }

    /**
     * What would fall together.
     *
     * @return list<TwinGroup>
     *
     * @throws Refusal when the listing has no such option
     */
    public function plan(Stall $stall, Listing $listing, string $option): array
    {
        $figures = ListingFigures::of($stall, $listing);
        $name = $figures->shownName($option);
        $twins = array_map(
            static fn (VariantFigures $v): Twin => new Twin(
                $v->row->id,
                $v->options,
                $v->landed,
                $v->days,
                $v->available,
            ),
            $figures->variants,
        );
        if (array_filter($twins, static fn (Twin $t): bool => array_key_exists($name, $t->options)) === []) {
            throw new Refusal(sprintf('No variant has the option “%s” any more.', $option));
        }

        return TwinGroup::without($twins, $name);
    }

    /**
     * @param  string  $option  as the supplier calls it
     * @param  list<int>  $overruled  variants that are kept although the program would keep a twin of theirs
     */
    public function __invoke(Stall $stall, Listing $listing, string $option, array $overruled = []): void
    {
        DB::transaction(function () use ($stall, $listing, $option, $overruled): void {
            $rows = $listing->variants()->with('sources')->get()->keyBy('id');
            foreach ($this->plan($stall, $listing, $option) as $group) {
                $ids = array_map(static fn (Twin $t): int => $t->id, $group->twins);
                $kept = array_values(array_intersect($ids, $overruled))[0] ?? $ids[0];
                $this->fold($rows[$kept] ?? throw new \LogicException(), $group, $rows->all(), $stall->promise_days);
            }
            $listing->update(['own_dropped' => array_values(array_unique([...$listing->own_dropped, $option]))]);
            ($this->project)($stall, [$listing->id]);
        });
    }

    /** Takes a dropped option up again: each twin is a variant of its own once more. */
    public function takeUp(Stall $stall, Listing $listing, string $option): void
    {
        DB::transaction(function () use ($stall, $listing, $option): void {
            foreach ($listing->variants()->with('sources.supplierVariant')->get() as $row) {
                foreach ($row->sources as $source) {
                    $supplier = $source->supplierVariant;
                    if (
                        $supplier !== null &&
                        $supplier->id !== $row->supplier_variant_id &&
                        $supplier->supplier_item_id === $listing->supplier_item_id
                    ) {
                        OnListing::putOn($listing, $supplier, $row->own_on);
                        VariantSource::query()
                            ->where('listing_variant_id', $row->id)
                            ->where('supplier_variant_id', $supplier->id)
                            ->delete();
                    }
                }
            }
            $listing->update(['own_dropped' => array_values(array_diff($listing->own_dropped, [$option]))]);
            ($this->project)($stall, [$listing->id]);
        });
    }

    /** @param  array<int, ListingVariant>  $rows */
    private function fold(ListingVariant $kept, TwinGroup $group, array $rows, int $promise): void
    {
        $twins = $group->twins;
        if (count($twins) === 1) {
            return;
        }
        usort($twins, static fn (Twin $a, Twin $b): int => ($b->id === $kept->id) <=> ($a->id === $kept->id));
        $sources = [];
        $on = false;
        foreach ($twins as $twin) {
            $row = $rows[$twin->id];
            $on = $on || $row->own_on;
            foreach (
                $row->sources->isEmpty()
                    ? [$row->supplier_variant_id => true]
                    : $row->sources->pluck('use', 'supplier_variant_id')->all() as $supplier => $use
            ) {
                $sources[(int) $supplier] ??= [
                    'listing_variant_id' => $kept->id,
                    'supplier_variant_id' => (int) $supplier,
                    'position' => count($sources),
                    'use' => $twin->id === $kept->id ||
                        ($use && $twin->landed !== null && ($twin->days->max ?? 0) <= $promise),
                ];
            }
        }
        OnListing::takeOff(array_diff(array_map(static fn (Twin $t): int => $t->id, $twins), [$kept->id]));
        VariantSource::query()->where('listing_variant_id', $kept->id)->delete();
        VariantSource::query()->insert(array_values($sources));
        $kept->update(['own_on' => $on]);
    }
}
