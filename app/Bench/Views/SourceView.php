<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One place a variant can be had from. */
final readonly class SourceView
{
    /**
     * @param  bool  $selling  whether it sells now
     * @param  bool  $own  whether the variant came from there
     */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $title,
        public string $label,
        public string $sku,
        public ?string $barcode,
        public ?MoneyView $landed,
        public ?string $days,
        public int $stock,
        public bool $use,
        public bool $selling,
        public bool $own,
    ) {
    }

    /** @param  SupplierVariant  $v with its item and supplier */
    public static function of(Stall $stall, SupplierVariant $v, bool $use, bool $selling, bool $own): self
    {
        return new self(
            id: $v->id,
            supplier: (string) $v->item?->connection?->name,
            title: (string) $v->item?->title,
            label: $v->label,
            sku: $v->sku,
            barcode: $v->barcode,
            landed: MoneyView::ofNullable($stall->moneyOrNull($v->landed_minor)),
            days: ($days = $v->days()) === null ? null : $days->words().' from '.$v->warehouse,
            stock: $v->available(),
            use: $use,
            selling: $selling,
            own: $own,
        );
    }
}
