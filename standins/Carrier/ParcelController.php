<?php

declare(strict_types=1);

namespace WindowStall\Standins\Carrier;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/**
 * GET /v1/parcels/{tracking} → {tracking, events: [{id, kind, place, at}]}; suppliers hand
 * parcels in. In its moods it is slow, refuses, or answers nonsense, as for rates.
 */
final class ParcelController
{
    /** What begins so is no parcel: it is there at once, to try out with. */
    private const TRIED = 'TRIED';

    public function show(Request $request, string $tracking): JsonResponse
    {
        $mood = Mood::now();
        if ($mood === Mood::Slow) {
            sleep(4);
        }
        if ($mood === Mood::Refuses) {
            return new JsonResponse(['error' => 'Not today.'], 503);
        }
        if ($mood === Mood::Wrong) {
            return new JsonResponse(['tracking' => $tracking, 'events' => [['id' => 1, 'kind' => 'teleported', 'at' => 'soon'], 'x']]);
        }
        if (str_starts_with($tracking, self::TRIED)) {
            return new JsonResponse(['tracking' => $tracking, 'events' => self::tried($tracking)]);
        }
        if (! Parcels::table()->where('tracking', $tracking)->exists()) {
            return new JsonResponse(['error' => 'No such parcel.'], 404);
        }

        return new JsonResponse([
            'tracking' => $tracking,
            'events' => Parcels::of($tracking)->map(static fn (\stdClass $event): array => [
                'id' => (string) $event->id,
                'kind' => $event->kind,
                'place' => $event->place,
                'at' => Carbon::parse($event->at, 'UTC')->toIso8601String(),
            ])->all(),
        ]);
    }

    /** @return list<array{id: string, kind: string, place: string, at: string}> */
    private static function tried(string $tracking): array
    {
        return array_map(static fn (string $kind): array => [
            'id' => $tracking.'-'.$kind,
            'kind' => $kind,
            'place' => '',
            'at' => Carbon::now('UTC')->toIso8601String(),
        ], ['taken', 'round', 'there']);
    }
}
