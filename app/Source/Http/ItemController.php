<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Landing\ItemSheet;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\Views\ItemSheetView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;

/** The sheet of one item. When the supplier is away, what is known of it is shown with the reason. */
final class ItemController
{
    public function __invoke(
        Request $request,
        Stall $stall,
        SupplierItem $item,
        ItemSheet $sheet,
        LandItems $land,
        LookAtMarket $markets,
    ): JsonResponse {
        $market = $markets->inHand($request, $stall);
        $item->load(['words', 'variants', 'connection']);
        $said = $item->words?->item() ?? abort(404);
        $inHand = $said->variant(Typed::text($request, 'variant')) ?? ($said->variants[0] ?? abort(404));
        $connection = $item->connection ?? abort(404);
        try {
            ['offers' => $offers, 'landed' => $landed] = $sheet($stall, $connection, $said, $inHand, $market);
            [$variants, $trouble] = [$land->variants($stall, $connection, $said, $market), null];
        } catch (SupplierTrouble $e) {
            [$offers, $landed, $variants, $trouble] = [[], [], [], $e->getMessage()];
        }

        return new JsonResponse(
            ItemSheetView::of($stall, $item, $market, $inHand, $offers, $landed, $variants, $trouble),
        );
    }
}
