<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Delivery\ChangePlaces;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Place;
use WindowStall\Stall\Terms\Places;

/** Places as programs read and write them, in the notation they are kept in. */
final readonly class PlacesController
{
    /** What a token has to be allowed to write. */
    private const WRITE = 'decide';

    public function __construct(private ChangePlaces $change)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return self::answer(self::stall($request));
    }

    public function store(Request $request): JsonResponse
    {
        $stall = self::writing($request);
        $this->change->make($stall, null, $request->json()->all());

        return self::answer($stall);
    }

    public function update(Request $request, int $place): JsonResponse
    {
        $stall = self::writing($request);
        $this->change->say($stall, null, self::place($stall, $place), $request->json()->all());

        return self::answer($stall);
    }

    public function destroy(Request $request, int $place): JsonResponse
    {
        $stall = self::writing($request);
        $this->change->remove($stall, null, self::place($stall, $place));

        return self::answer($stall);
    }

    private static function place(Stall $stall, int $id): Place
    {
        return $stall->places()->findOrFail($id);
    }

    private static function writing(Request $request): Stall
    {
        $stall = self::stall($request);
        abort_unless($stall->tokenCan(self::WRITE), 403, 'This token may read, and not change places.');

        return $stall;
    }

    private static function stall(Request $request): Stall
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);

        return $stall;
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
