<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Delivery\WindowGood;
use WindowStall\Support\Views\MoneyView;

/** Goods that a basket can be tried with. */
final readonly class TrialGoodView
{
    /** @param  string|null  $picture  its address; null where it has none */
    public function __construct(public int $variant, public string $title, public string $price, public ?string $picture)
    {
    }

    public static function of(WindowGood $good, ?Picture $picture): self
    {
        return new self($good->variant, $good->title, MoneyView::text($good->price), $picture?->url(150));
    }
}
