<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Carrier;

use DateTimeImmutable;
use Illuminate\Http\Client\ConnectionException;
use WindowStall\Core\Dispatch\Following\ParcelEvent;
use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/** The carrier stand-in: GET /v1/parcels/{tracking} → {events: [{id, kind, place, at}]}. */
final class DemoTracking implements TracksParcels
{
    private const SECONDS = 6;

    /** An event further ahead than this is a mistake; seconds. */
    private const AHEAD = 3_600;

    public function events(string $carrier, string $tracking): ?array
    {
        try {
            $answer = Outside::at((string) config('stall.carrier.address'), self::SECONDS)
                ->acceptJson()
                ->withToken((string) config('stall.carrier.key'))
                ->get('/v1/parcels/'.rawurlencode($tracking));
        } catch (Refusal|Unreachable|TooLarge|ConnectionException) {
            return null;
        }
        $said = $answer->json('events');
        if (! $answer->successful() || ! is_array($said)) {
            return null;
        }

        return array_values(array_filter(array_map(self::read(...), $said)));
    }

    /** @return ParcelEvent|null null for what can't be understood */
    private static function read(mixed $one): ?ParcelEvent
    {
        [$id, $kind, $at] = is_array($one) ? [$one['id'] ?? null, $one['kind'] ?? null, $one['at'] ?? null] : [null, null, null];
        $kind = is_string($kind) ? ParcelEventKind::tryFrom($kind) : null;
        $moment = is_string($at) ? DateTimeImmutable::createFromFormat(DATE_ATOM, $at) : false;
        $known = is_string($id) && $id !== '' && mb_strlen($id) <= 80 && $kind !== null;
        if (! $known || $moment === false || $moment->getTimestamp() > now()->getTimestamp() + self::AHEAD) {
            return null;
        }
        $place = is_string($one['place'] ?? null) ? mb_substr($one['place'], 0, 120) : '';

        return new ParcelEvent($id, $kind, $moment, $place);
    }
}
