<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Delivery\ChangePlaces;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Place;
use WindowStall\Stall\Terms\Places;

/** Places as programs read and write them, in the notation they are kept in. */
final readonly class PlacesController
{
    public function __construct(private ChangePlaces $change)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return self::answer(TokensStall::of($request));
    }

    public function store(Request $request): JsonResponse
    {
        $stall = TokensStall::writing($request, 'places');
        $this->change->make($stall, null, $request->json()->all());

        return self::answer($stall);
    }

    public function update(Request $request, int $place): JsonResponse
    {
        $stall = TokensStall::writing($request, 'places');
        $this->change->say($stall, null, self::place($stall, $place), $request->json()->all());

        return self::answer($stall);
    }

    public function destroy(Request $request, int $place): JsonResponse
    {
        $stall = TokensStall::writing($request, 'places');
        $this->change->remove($stall, null, self::place($stall, $place));

        return self::answer($stall);
    }

    private static function place(Stall $stall, int $id): Place
    {
        return $stall->places()->findOrFail($id);
    }

    private static function answer(Stall $stall): JsonResponse
    {
        $stall->unsetRelations();

        return new JsonResponse(['data' => array_map(static fn (PlaceTerms $terms): array => [
            'id' => $terms->place->id,
            'said' => $terms->place->name,
        ] + PlaceNotation::write($terms), Places::of($stall))]);
    }
}
