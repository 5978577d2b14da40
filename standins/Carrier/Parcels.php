<?php

declare(strict_types=1);

namespace WindowStall\Standins\Carrier;

use Carbon\CarbonInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What the carrier has in hand: taken in → moved → round → there; or missed, back, lost. */
final class Parcels
{
    /** How a parcel goes on by itself, day by day. */
    private const NEXT = ['taken' => 'moved', 'moved' => 'round', 'round' => 'there', 'missed' => 'round'];

    public const KINDS = ['taken', 'moved', 'round', 'missed', 'there', 'back', 'lost'];

    public static function table(): Builder
    {
        return DB::connection('carrier')->table('parcels');
    }

    public static function events(): Builder
    {
        return DB::connection('carrier')->table('parcel_events');
    }

    /** Takes a parcel in, once. */
    public static function take(string $tracking, string $sender, string $town, string $country, CarbonInterface $at): void
    {
        $new = self::table()->insertOrIgnore([
            'tracking' => $tracking,
            'sender' => $sender,
            'town' => $town,
            'country' => $country,
            'taken_at' => $at,
        ]);
        if ($new === 1) {
            self::tell($tracking, 'taken', $sender, $at);
        }
    }

    public static function tell(string $tracking, string $kind, string $place, CarbonInterface $at): void
    {
        self::events()->insert(['tracking' => $tracking, 'kind' => $kind, 'place' => $place, 'at' => $at]);
    }

    /** @return Collection<int, \stdClass> the first first */
    public static function of(string $tracking): Collection
    {
        return self::events()->where('tracking', $tracking)->orderBy('at')->orderBy('id')->get();
    }

    /** A day for all that is under way: each comes a step further. */
    public static function day(): void
    {
        foreach (self::table()->orderBy('tracking')->get() as $parcel) {
            $next = self::NEXT[self::of($parcel->tracking)->last()->kind ?? ''] ?? null;
            if ($next !== null) {
                self::tell($parcel->tracking, $next, self::place($next, $parcel), now());
            }
        }
    }

    public static function place(string $kind, \stdClass $parcel): string
    {
        return $kind === 'moved' ? 'the depot near '.$parcel->town : ($kind === 'lost' ? '' : $parcel->town);
    }
}
