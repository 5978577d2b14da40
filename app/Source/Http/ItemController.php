<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\ItemSheet;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\Views\ItemSheetView;
use WindowStall\Stall\Stall;

/** The sheet of one item. When the supplier is away, what is known of it is shown with the reason. */
final class ItemController
{
    public function __invoke(Request $request, Stall $stall, SupplierItem $item, ItemSheet $sheet): JsonResponse
    {
        $item->load(['words', 'variants', 'connection', 'listings']);
        $said = $item->words?->item() ?? abort(404);
        $inHand = $said->variant($request->string('variant')->toString()) ?? $said->variants[0] ?? abort(404);
        try {
            ['offers' => $offers, 'landed' => $landed] = $sheet($stall, $item->connection ?? abort(404), $said, $inHand);
            $trouble = null;
        } catch (SupplierTrouble $e) {
            [$offers, $landed, $trouble] = [[], [], $e->getMessage()];
        }

        return new JsonResponse(ItemSheetView::of($stall, $item, $inHand, $offers, $landed, $trouble));
    }
}
