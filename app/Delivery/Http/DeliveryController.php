<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Delivery\ChangePlaces;
use WindowStall\Delivery\KeepByPlace;
use WindowStall\Delivery\Views\PlacesDoneView;
use WindowStall\Delivery\Views\PlacesView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Place;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;

/** Where it goes: places as sentences, changed where they stand, and what is kept by place. */
final readonly class DeliveryController
{
    public function __construct(private ChangePlaces $change)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('delivery/WherePage', [
            'where' => PlacesView::of($stall),
            'countries' => Choices::countries(),
            'parts' => Choices::parts(),
        ]);
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        $change = $this->change->make($stall, User::asking($request), $request->json()->all());

        return new JsonResponse(PlacesDoneView::of($stall, $change));
    }

    public function update(Request $request, Stall $stall, Place $place): JsonResponse
    {
        $change = $this->change->say($stall, User::asking($request), $place, $request->json()->all());

        return new JsonResponse(PlacesDoneView::of($stall, $change));
    }

    public function destroy(Request $request, Stall $stall, Place $place): JsonResponse
    {
        $change = $this->change->remove($stall, User::asking($request), $place);

        return new JsonResponse(PlacesDoneView::of($stall, $change));
    }

    public function places(Stall $stall): JsonResponse
    {
        return new JsonResponse(PlacesView::of($stall));
    }

    public function keeps(Stall $stall): JsonResponse
    {
        return new JsonResponse(KeepByPlace::of($stall));
    }
}
