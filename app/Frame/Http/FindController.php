<?php

declare(strict_types=1);

namespace WindowStall\Frame\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Frame\FindAnything;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;

final class FindController
{
    public function __invoke(Request $request, Stall $stall, FindAnything $find): JsonResponse
    {
        return new JsonResponse($find($stall, Typed::text($request, 'q')));
    }
}
