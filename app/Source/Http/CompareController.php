<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\Views\ComparedView;
use WindowStall\Source\Views\ComparisonView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;

/** Up to four items side by side, for the market in hand, at a price typed once for all. */
final class CompareController
{
    /** Items that stand side by side. */
    public const MOST = 4;

    public function __invoke(Request $request, Stall $stall, LandItems $land, LookAtMarket $markets): Response
    {
        $market = $markets->inHand($request, $stall);
        $ids = array_slice(
            array_values(
                array_unique(
                    array_map(intval(...), array_filter((array) $request->input('items', []), is_numeric(...))),
                ),
            ),
            0,
            self::MOST,
        );
        $items = SupplierItem::query()
            ->withTaken()
            ->with(['words', 'connection', 'variants'])
            ->where('stall_id', $stall->id)
            ->whereKey($ids)
            ->get()
            ->sortBy(static fn (SupplierItem $i): int => (int) array_search($i->id, $ids, true))
            ->values();
        $barcode = mb_substr(Typed::text($request, 'barcode'), 0, 20);
        [$price, $trouble] = self::price(Typed::text($request, 'price'), $stall);
        $columns = [];
        foreach ($items as $item) {
            $columns[] = ComparedView::of($stall, $item, $market, $barcode, $price, $land);
        }

        return Inertia::render('source/ComparePage', [
            'comparison' => ComparisonView::of($columns, array_values($items->all()), $barcode),
            'ids' => $ids,
            'price' => Typed::text($request, 'price'),
            'priceTrouble' => $trouble,
            'market' => $market,
            'markets' => $markets->views($stall),
            'currency' => $stall->currency,
        ]);
    }

    /** @return array{Money|null, string|null} */
    private static function price(string $typed, Stall $stall): array
    {
        if ($typed === '') {
            return [null, null];
        }
        try {
            return [Money::parse($typed, $stall->currencyValue()), null];
        } catch (MoneyUnreadable $e) {
            return [null, $e->getMessage()];
        }
    }
}
