<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Opening\Views\OnlookerView;
use WindowStall\Shop\Onlooker;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Who may look into the shop while it is closed. */
final class OnlookersController
{
    public function letIn(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['name' => 'required|string|max:60'], ['name.*' => 'Say in up to 60 letters who may look in.']);
        if (Onlooker::of($stall)->count() >= Onlooker::MOST) {
            throw new Refusal(sprintf('%d people may look in already. Take one back first.', Onlooker::MOST));
        }
        Onlooker::letIn($stall, trim((string) $typed['name']));

        return new JsonResponse(OnlookerView::all($stall));
    }

    public function takeBack(Stall $stall, Onlooker $onlooker): JsonResponse
    {
        $onlooker->delete();

        return new JsonResponse(OnlookerView::all($stall));
    }
}
