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
    public function __construct(
        public int $id,
        public string $title,
        public string $label,
        public string $sku,
        public ?string $picture,
        public int $quantity,
        public MoneyView $unit,
        public MoneyView $total,
    ) {
    }

    public static function of(Order $order, OrderLine $line): self
    {
        $unit = $order->money($line->unit_minor);

        return new self(
            $line->id,
            $line->title,
            $line->label,
            (string) $line->supplierVariant?->sku,
            $line->picture === null ? null : PictureSizes::url($line->picture, 320),
            $line->quantity,
            MoneyView::of($unit),
            MoneyView::of($line->total($order)),
        );
    }
}
