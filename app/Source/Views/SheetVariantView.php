<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Source\Variant;
use WindowStall\Support\Views\MoneyView;

/** One variant on an item's sheet; `stock` reads "GB 112 · DE 40". */
final readonly class SheetVariantView
{
    public function __construct(
        public string $id,
        public string $label,
        public string $sku,
        public ?string $barcode,
        public MoneyView $cost,
        public ?MoneyView $landed,
        public string $stock,
    ) {
    }

    public static function of(Variant $said, ?LandedCost $landed): self
    {
        return new self(
            id: $said->id,
            label: $said->label() === '' ? 'One kind' : $said->label(),
            sku: $said->sku,
            barcode: $said->barcode,
            cost: MoneyView::of($said->cost),
            landed: MoneyView::ofNullable($landed?->total),
            stock: implode(
                ' · ',
                array_map(
                    static fn (string $w, int $n): string => $w.' '.$n,
                    array_keys($said->stock),
                    $said->stock,
                ),
            ),
        );
    }
}
