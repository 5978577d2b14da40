<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Views\MoneyView;

/** One line of an order. */
final readonly class OrderLineView
{
    /** @param  string  $given  what became of it where it isn't posted; "" for the rest */
    public function __construct(
        public int $id,
        public string $title,
        public string $label,
        public string $sku,
        public ?string $picture,
        public int $quantity,
        public MoneyView $unit,
        public MoneyView $total,
        public int $left,
        public string $given,
    ) {
    }

    /** @param  int  $left  pieces that can still be given back for */
    public static function of(Order $order, OrderLine $line, int $left, string $given = ''): self
    {
        $unit = $order->money($line->unit_minor);

        return new self(
            id: $line->id,
            title: $line->title,
            label: $line->label,
            sku: (string) $line->supplierVariant?->sku,
            picture: $line->picture === null ? null : PictureSizes::url($line->picture, 150),
            quantity: $line->quantity,
            unit: MoneyView::of($unit),
            total: MoneyView::of($line->total($order)),
            left: $left,
            given: $given,
        );
    }
}
