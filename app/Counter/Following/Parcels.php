<?php

declare(strict_types=1);

namespace WindowStall\Counter\Following;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Following\Outlook;
use WindowStall\Core\Dispatch\Following\TimesTaken;
use WindowStall\Stall\Stall;

/** When a carrier is asked, and when its parcels will be there. */
final class Parcels
{
    /** Parcels that are looked back on; the latest. */
    private const LIKE = 300;

    /** How long those took that went the same way: by supplier and country. */
    private const TAKEN = <<<'SQL'
        SELECT extract(epoch FROM there_at - posted_at)::int AS taken
        FROM parcels
        WHERE connection_id = :connection
          AND country = :country
          AND there_at IS NOT NULL
        ORDER BY there_at DESC
        LIMIT :most
        SQL;

    /** After so many days nobody asks any more; the seller sees it as late all that time. */
    private const PATIENCE = 60;

    /**
     * Soon while much happens, seldom while nothing does: a twentieth of the time since it last moved, between a minute and
     * two hours.
     */
    public static function nextAsk(Parcel $parcel): ?Carbon
    {
        if ($parcel->tracking === null || $parcel->posted_at->isBefore(now()->subDays(self::PATIENCE))) {
            return null;
        }
        $still = (int) $parcel->moved_at->diffInSeconds(now(), absolute: true);

        return now()->addSeconds(max(60, min(7_200, intdiv($still, 20))));
    }

    public static function taken(int $connection, string $country): TimesTaken
    {
        $rows = DB::select(self::TAKEN, ['connection' => $connection, 'country' => $country, 'most' => self::LIKE]);

        return new TimesTaken(array_map(static fn (\stdClass $row): int => (int) $row->taken, array_values($rows)));
    }

    /** @return Outlook|null null where no day was promised */
    public static function outlook(Stall $stall, Parcel $parcel, ?TimesTaken $like = null): ?Outlook
    {
        return $parcel->promised_to === null ? null : Outlook::of(
            $parcel->posted_at->toDateTimeImmutable(),
            self::endOf($stall, $parcel->promised_to),
            now()->toDateTimeImmutable(),
            $like ?? self::taken($parcel->connection_id, $parcel->country),
        );
    }

    /** @param  string  $day  YYYY-MM-DD, by the stall's clock */
    public static function endOf(Stall $stall, string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day.' 24:00', new DateTimeZone($stall->zone));
    }
}
