<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use Illuminate\Support\Collection;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\VariantSource;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/** Where a variant is had from, in order, and where it might be had from besides. */
final readonly class SourcesView
{
    /**
     * @param  list<SourceView>  $sources
     * @param  list<SourceView>  $candidates
     */
    public function __construct(public int $variant, public array $sources, public array $candidates)
    {
    }

    /** @param  Collection<int, SupplierVariant>  $candidates */
    public static function of(Stall $stall, ListingVariant $variant, Collection $candidates): self
    {
        $own = $variant->supplierVariant ?? throw new \LogicException('A listing’s variant always has its supplier’s.');
        $sold = $variant->sold_variant_id ?? $variant->supplier_variant_id;
        $sources = $variant->sources->isEmpty()
            ? [SourceView::of($stall, $own, true, true, true)]
            : array_values(
                $variant->sources
                    ->map(
                        static fn (VariantSource $s): SourceView => SourceView::of(
                            $stall,
                            $s->supplierVariant ?? $own,
                            $s->use,
                            $s->supplier_variant_id === $sold,
                            $s->supplier_variant_id === $own->id,
                        ),
                    )
                    ->all(),
            );
        $known = array_map(static fn (SourceView $s): int => $s->id, $sources);

        return new self(
            variant: $variant->id,
            sources: $sources,
            candidates: array_values(
                $candidates
                    ->reject(static fn (SupplierVariant $v): bool => in_array($v->id, $known, true))
                    ->map(static fn (SupplierVariant $v): SourceView => SourceView::of($stall, $v, true, false, false))
                    ->all(),
            ),
        );
    }
}
