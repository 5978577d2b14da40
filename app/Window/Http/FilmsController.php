<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Stall\Stall;
use WindowStall\Window\Films;
use WindowStall\Window\Views\OwnFilmView;

/** The stall's own films. */
final readonly class FilmsController
{
    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(OwnFilmView::all($stall));
    }

    public function store(Request $request, Stall $stall, Films $films): JsonResponse
    {
        $id = $films->take($stall, $request->file('film'));
        $all = OwnFilmView::all($stall);

        return new JsonResponse($all[(int) array_search($id, array_column($all, 'id'), true)]);
    }
}
