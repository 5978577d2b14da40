<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\VariantFigures;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** One variant of a listing, as a row of the bench. */
final readonly class VariantRowView
{
    /**
     * @param  array<string, string>  $options  as shoppers read them
     * @param  int  $sources  places it can be had from
     * @param  bool  $standIn  whether another than its own sells it now
     */
    public function __construct(
        public int $id,
        public string $label,
        public bool $on,
        public ?MoneyView $cost,
        public ?MoneyView $landed,
        public ?MoneyView $price,
        public ?MoneyView $recipePrice,
        public bool $byHand,
        public ?MoneyView $keep,
        public string $margin,
        public bool $loses,
        public int $stock,
        public ?string $days,
        public ?string $warehouse,
        public array $options,
        public int $sources,
        public bool $standIn,
    ) {
    }

    public static function of(VariantFigures $v): self
    {
        return new self(
            id: $v->row->id,
            label: $v->label === '' ? 'One kind' : $v->label,
            on: $v->on,
            cost: MoneyView::ofNullable($v->cost),
            landed: MoneyView::ofNullable($v->landed),
            price: MoneyView::ofNullable($v->price),
            recipePrice: MoneyView::ofNullable($v->recipePrice),
            byHand: $v->handPriced(),
            keep: MoneyView::ofNullable($v->till?->keep),
            margin: Percent::whole($v->till?->marginBp),
            loses: $v->till?->losesMoney() ?? false,
            stock: $v->available,
            days: $v->days?->words(),
            warehouse: $v->warehouse,
            options: $v->options,
            sources: max(1, $v->row->sources->count()),
            standIn: $v->row->sold_variant_id !== null && $v->row->sold_variant_id !== $v->row->supplier_variant_id,
        );
    }
}
