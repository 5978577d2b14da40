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
            $v->row->id,
            $v->label === '' ? 'One kind' : $v->label,
            $v->on,
            MoneyView::ofNullable($v->cost),
            MoneyView::ofNullable($v->landed),
            MoneyView::ofNullable($v->price),
            MoneyView::ofNullable($v->recipePrice),
            $v->handPriced(),
            MoneyView::ofNullable($v->till?->keep),
            Percent::whole($v->till?->marginBp),
            $v->till?->losesMoney() ?? false,
            $v->available,
            $v->days?->words(),
            $v->warehouse,
            $v->options,
            max(1, $v->row->sources->count()),
            $v->row->sold_variant_id !== null && $v->row->sold_variant_id !== $v->row->supplier_variant_id,
        );
    }
}
