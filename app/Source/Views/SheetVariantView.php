<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Source\SupplierVariant as Variant;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One variant on an item's sheet; `stock` reads "GB 112 · DE 40". */
final readonly class SheetVariantView
{
    public function __construct(public string $id, public string $label, public string $sku, public ?string $barcode, public MoneyView $cost, public ?MoneyView $landed, public string $stock)
    {
    }

    public static function of(Variant $said, ?SupplierVariant $row, Stall $stall): self
    {
        return new self(
            $said->id, $said->label() === '' ? 'One kind' : $said->label(), $said->sku, $said->barcode, MoneyView::of($said->cost), MoneyView::ofNullable($stall->moneyOrNull($row?->landed_minor)),
            implode(' · ', array_map(static fn (string $w, int $n): string => $w.' '.$n, array_keys($said->stock), $said->stock)),
        );
    }
}
