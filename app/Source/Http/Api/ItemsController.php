<?php

declare(strict_types=1);

namespace WindowStall\Source\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Money\Money;
use WindowStall\Source\Landing\ItemLanding;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;

/**
 * GET /api/v1/items: what a stall's suppliers offer, with landed costs by market. Costs are the supplier's currency,
 * landed amounts the stall's.
 */
final class ItemsController
{
    public function __invoke(Request $request): JsonResponse
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);
        $page = Page::of($request);
        $rows = SupplierItem::of($stall)
            ->with(['variants', 'landings', 'connection'])
            ->where('id', '>', $page->after)
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();

        return $page->answer($rows, static fn (SupplierItem $i): array => self::say($stall, $i));
    }

    /** @return array<string, mixed> */
    private static function say(Stall $stall, SupplierItem $item): array
    {
        $cost = static fn (?int $minor): ?string => $minor === null
            ? null
            : Money::of($minor, $item->currency)->digits();
        $own = static fn (?int $minor): ?string => $stall->moneyOrNull($minor)?->digits();

        return [
            'id' => $item->id,
            'supplier' => $item->connection?->name,
            'code' => $item->external_id,
            'title' => $item->title,
            'category' => $item->category,
            'currency' => $item->currency,
            'cost' => $cost($item->cost_minor),
            'stock' => $item->stock,
            'rating' => $item->rating === null ? null : $item->rating / 10,
            'gone' => $item->gone_at !== null,
            'variants' => array_values(
                $item->variants
                    ->map(
                        static fn (SupplierVariant $v): array => [
                            'id' => $v->id,
                            'sku' => $v->sku,
                            'barcode' => $v->barcode,
                            'label' => $v->label,
                            'cost' => $cost($v->cost_minor),
                            'stock' => $v->available(),
                            'landed' => $own($v->landed_minor),
                            'gone' => $v->gone_at !== null,
                        ],
                    )
                    ->all(),
            ),
            'landings' => array_values(
                $item->landings
                    ->filter(static fn (ItemLanding $l): bool => $l->landed_minor !== null)
                    ->map(
                        static fn (ItemLanding $l): array => [
                            'market' => $l->market,
                            'goods' => $own($l->goods_minor),
                            'delivery' => $own($l->delivery_minor),
                            'landed' => $own($l->landed_minor),
                            'currency' => $stall->currency,
                            'days' => [$l->days_min, $l->days_max],
                            'from' => $l->warehouse,
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
