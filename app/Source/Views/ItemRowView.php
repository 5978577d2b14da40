<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One supplier item in the list: what it costs there, what it costs in the shopper's hands, and how soon. */
final readonly class ItemRowView
{
    /** @param  string|null  $warning what a careful buyer would notice, with the figure */
    public function __construct(
        public int $id,
        public string $code,
        public string $title,
        public string $category,
        public ?string $picture,
        public ?MoneyView $cost,
        public ?MoneyView $goods,
        public ?MoneyView $delivery,
        public ?MoneyView $landed,
        public ?string $days,
        public ?string $from,
        public int $stock,
        public int $variants,
        public ?string $rating,
        public bool $taken,
        public ?string $warning,
    ) {
    }

    public static function of(Stall $stall, SupplierItem $item): self
    {
        $delivery = $stall->moneyOrNull($item->delivery_minor);
        $goods = $stall->moneyOrNull($item->goods_minor);
        $days = $item->days_min === null || $item->days_max === null ? null : new DayRange($item->days_min, $item->days_max);

        return new self(
            $item->id, $item->external_id, $item->title, $item->category, $item->picture === null ? null : $item->picture.'?px=160',
            MoneyView::ofNullable($item->cost_minor === null ? null : Money::of($item->cost_minor, $item->currency)), MoneyView::ofNullable($goods), MoneyView::ofNullable($delivery),
            MoneyView::ofNullable($stall->moneyOrNull($item->landed_minor)), $days?->words(), $item->warehouse, $item->stock, $item->variants_count,
            $item->rating === null ? null : sprintf('%d.%d', intdiv($item->rating, 10), $item->rating % 10), (int) $item->getAttribute('listings_count') > 0,
            $goods !== null && $delivery !== null && $delivery->compare($goods) > 0 ? sprintf('delivery is %s, the goods %s', MoneyView::text($delivery), MoneyView::text($goods)) : null,
        );
    }
}
