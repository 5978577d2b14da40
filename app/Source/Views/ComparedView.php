<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Landing\Compared;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** One item in a comparison: the variant that is compared, and each row's words. */
final readonly class ComparedView
{
    /**
     * @param  string  $variant  what is compared: "Terracotta · 18 cm"
     * @param  array<string, string|null>  $rows  row → words; null where nothing is known
     * @param  string|null  $trouble  why figures are missing
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $supplier,
        public string $code,
        public string $variant,
        public ?string $picture,
        public bool $taken,
        public array $rows,
        public bool $loses,
        public ?string $trouble,
    ) {
    }

    /** @return array{self, Compared} what is shown, and what is compared */
    public static function of(
        Stall $stall,
        SupplierItem $row,
        string $market,
        string $barcode,
        ?Money $price,
        LandItems $land,
    ): array {
        $item = $row->words?->item() ?? throw new \LogicException('An item always has words.');
        $connection = $row->connection ?? throw new \LogicException('An item always has a supplier.');
        $trouble = null;
        try {
            $landed = $land->variants($stall, $connection, $item, $market);
        } catch (SupplierTrouble $e) {
            $landed = [];
            $trouble = $e->getMessage();
        }
        $variant = self::variant($item, $landed, $barcode);
        $cost = $variant === null ? null : $landed[$variant->id] ?? null;
        $till = $price === null || $cost === null ? null : Till::ring($price, $cost->lines, $stall->terms($market));
        $figures = new Compared(
            $cost?->total,
            $cost?->goods,
            $cost?->delivery,
            $cost?->by->days->max,
            $variant === null ? 0 : $variant->pieces(),
            count($item->variants),
            $item->ratingTenths,
            $till?->keep,
        );
        $picture =
            $variant === null || $variant->picture === null
                ? $item->pictures[0] ?? null
                : $item->pictures[$variant->picture] ?? ($item->pictures[0] ?? null);

        $view = new self(
            id: $row->id,
            title: $item->title,
            supplier: $connection->name,
            code: $item->id,
            variant: $variant === null ? '' : ($variant->label() === '' ? 'one kind' : $variant->label()),
            picture: $picture === null ? null : PictureAddress::small($picture, 480),
            taken: $row->isTaken(),
            rows: self::rows($stall, $item, $variant, $cost, $till, $market),
            loses: $till?->losesMoney() ?? false,
            trouble: $trouble ??
                ($cost === null ? sprintf('Isn’t delivered to %s.', Stall::countrySaid($market)) : null),
        );

        return [$view, $figures];
    }

    /**
     * The variant with that barcode, else the one that lands cheapest.
     *
     * @param  array<string, LandedCost>  $landed
     */
    private static function variant(Item $item, array $landed, string $barcode): ?Variant
    {
        foreach ($barcode === '' ? [] : $item->variants as $variant) {
            if ($variant->barcode === $barcode) {
                return $variant;
            }
        }
        $best = null;
        foreach ($item->variants as $variant) {
            if (
                isset($landed[$variant->id]) &&
                ($best === null || $landed[$variant->id]->total->compare($landed[$best->id]->total) < 0)
            ) {
                $best = $variant;
            }
        }

        return $best ?? ($item->variants[0] ?? null);
    }

    /** @return array<string, string|null> */
    private static function rows(
        Stall $stall,
        Item $item,
        ?Variant $variant,
        ?LandedCost $cost,
        ?Till $till,
        string $market,
    ): array {
        $rrp = $variant?->rrp === null ? null : $stall->rateFrom($item->currency)->convert($variant->rrp);

        return [
            'landed' => $cost === null ? null : MoneyView::text($cost->total),
            'goods' => $cost === null ? null : MoneyView::text($cost->goods),
            'delivery' => $cost === null ? null : sprintf('%s by %s', MoneyView::text($cost->delivery), $cost->by->method),
            'days' => $cost === null
                    ? null
                    : sprintf('%s from %s', $cost->by->days->words(), Stall::countrySaid($cost->by->warehouse)),
            'stock' => $variant === null
                    ? null
                    : sprintf(
                        '%s%s',
                        number_format($variant->pieces()),
                        ($variant->stock[$market] ?? 0) > 0 && count($variant->stock) > 1
                            ? sprintf(', %s of them there', number_format($variant->stock[$market]))
                            : '',
                    ),
            'variants' => (string) count($item->variants),
            'rating' => $item->ratingTenths === null
                    ? null
                    : sprintf('%d.%d of 5', intdiv($item->ratingTenths, 10), $item->ratingTenths % 10),
            'rrp' => $rrp === null ? null : MoneyView::text($rrp),
            'keep' => $till === null
                    ? null
                    : sprintf('%s (%s)', MoneyView::text($till->keep), Percent::whole($till->marginBp)),
        ];
    }
}
