<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Picture;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Support\Views\MoneyView;

/** One of the goods, as it stands in a row. */
final readonly class GoodCard
{
    /**
     * @param  bool  $varied  whether prices differ, so that it reads "from"
     * @param  string  $was  a price that stood before, where all have one
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $url,
        public ?Picture $picture,
        public string $price,
        public bool $varied,
        public bool $soldOut,
        public string $was,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $on = array_values(array_filter($f->variants, static fn (VariantFigures $v): bool => $v->on && $v->price !== null));
        $prices = array_unique(array_map(static fn (VariantFigures $v): int => (int) $v->price?->minor, $on));
        $ready = array_values(array_filter($f->pictures, static fn (Picture $p): bool => $p->state === Picture::READY));

        return new self(
            $f->listing->id, $f->title->shown(), '/goods/'.$f->listing->slug, $ready[0] ?? null,
            $prices === [] ? '' : MoneyView::text(new Money(min($prices), $f->stall->currencyValue())), count($prices) > 1,
            array_filter($on, static fn (VariantFigures $v): bool => $v->buyable()) === [],
            count($prices) === 1 && isset($on[0]) ? ShownWas::of($f->stall, $on[0])['was'] : '',
        );
    }
}
