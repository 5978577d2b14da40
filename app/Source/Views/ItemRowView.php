<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Source\Landing\ItemLanding;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One supplier item in the list: what it costs there, what it costs in the shopper's hands, and how soon. */
final readonly class ItemRowView
{
    /**
     * @param  string|null  $warning what a careful buyer would notice; the figures stand beside it
     * @param  MoneyView|null  $keep what one keeps at the trial price
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $title,
        public string $category,
        public string $supplier,
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
        public ?MoneyView $keep,
    ) {
    }

    /**
     * @param  SupplierItem  $item with its connection, counted listings, and the landing of the market in hand
     */
    public static function of(Stall $stall, SupplierItem $item, ?ItemLanding $landing, ?Money $keep): self
    {
        $delivery = $stall->moneyOrNull($landing?->delivery_minor);
        $goods = $stall->moneyOrNull($landing?->goods_minor);

        return new self(
            id: $item->id,
            code: $item->external_id,
            title: $item->title,
            category: $item->category,
            supplier: (string) $item->connection?->name,
            picture: $item->picture === null ? null : PictureAddress::small($item->picture, 320),
            cost: MoneyView::ofNullable(
                $item->cost_minor === null ? null : Money::of($item->cost_minor, $item->currency),
            ),
            goods: MoneyView::ofNullable($goods),
            delivery: MoneyView::ofNullable($delivery),
            landed: MoneyView::ofNullable($stall->moneyOrNull($landing?->landed_minor)),
            days: $landing?->days()?->words(),
            from: $landing?->warehouse,
            stock: $item->stock,
            variants: $item->variants_count,
            rating: $item->rating === null ? null : sprintf('%d.%d', intdiv($item->rating, 10), $item->rating % 10),
            taken: $item->isTaken(),
            warning: match (true) {
                $item->stock === 0 => 'sold out',
                $goods !== null && $delivery !== null && $delivery->compare($goods) > 0 => 'dearer to send than to buy',
                $landing?->days() !== null && $landing->days_max > $stall->promise_days => sprintf(
                    '%s, and you promise %d',
                    $landing->days()->words(),
                    $stall->promise_days,
                ),
                default => null,
            },
            keep: MoneyView::ofNullable($keep),
        );
    }
}
