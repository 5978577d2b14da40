<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Counter\Views\DeskDayView;
use WindowStall\Counter\Views\UnderWayView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/**
 * What is under way, a line each from paid to promised, on an axis of nine days around now; what is promised soonest first, and
 * what came in the last day.
 */
final class UnderWay
{
    private const BEFORE = 5;

    private const AFTER = 4;

    /** On a line, where the axis ends. */
    private const WHOLE = 1_000;

    private const OPEN = <<<'SQL'
        SELECT orders.id, orders.number, orders.paid_at, connection.name AS supplier, sent.state,
               parcel.posted_at, parcel.there_at, parcel.stands, parcel.moved_at,
               COALESCE(parcel.promised_to, line.promised_to) AS promised, line.title, line.count
        FROM (
            SELECT id, order_id, supplier_order_id, posted_at, there_at, stands, moved_at, promised_to
            FROM parcels
            WHERE stall_id = :stall
              AND there_at IS NULL
              AND promised_to IS NOT NULL
            ORDER BY promised_to, id
            LIMIT :most
        ) AS parcel
        JOIN supplier_orders AS sent ON sent.id = parcel.supplier_order_id
        JOIN orders ON orders.id = parcel.order_id AND orders.state = 'paid'
        JOIN supplier_connections AS connection ON connection.id = sent.connection_id
        CROSS JOIN LATERAL (%1$s) AS line
        SQL;

    private const UNPOSTED = <<<'SQL'
        SELECT orders.id, orders.number, orders.paid_at, connection.name AS supplier, sent.state,
               NULL AS posted_at, NULL AS there_at, NULL AS stands, NULL AS moved_at,
               line.promised_to AS promised, line.title, line.count
        FROM (
            SELECT id, order_id, connection_id, state
            FROM supplier_orders
            WHERE stall_id = :stall
              AND state IN ('to_send', 'sent', 'accepted', 'refused')
            ORDER BY id DESC
            LIMIT :most
        ) AS sent
        JOIN orders ON orders.id = sent.order_id AND orders.state = 'paid'
        JOIN supplier_connections AS connection ON connection.id = sent.connection_id
        CROSS JOIN LATERAL (%1$s) AS line
        WHERE line.count > 0
          AND NOT EXISTS (SELECT 1 FROM parcels WHERE parcels.supplier_order_id = sent.id)
        SQL;

    private const JUST_THERE = <<<'SQL'
        SELECT orders.id, orders.number, orders.paid_at, connection.name AS supplier, sent.state,
               parcel.posted_at, parcel.there_at, parcel.stands, parcel.moved_at,
               COALESCE(parcel.promised_to, line.promised_to) AS promised, line.title, line.count
        FROM (
            SELECT id, order_id, supplier_order_id, posted_at, there_at, stands, moved_at, promised_to
            FROM parcels
            WHERE stall_id = :stall
              AND there_at > :since
            ORDER BY there_at DESC
            LIMIT :most
        ) AS parcel
        JOIN supplier_orders AS sent ON sent.id = parcel.supplier_order_id
        JOIN orders ON orders.id = parcel.order_id
        JOIN supplier_connections AS connection ON connection.id = sent.connection_id
        CROSS JOIN LATERAL (%1$s) AS line
        SQL;

    private const LINE = <<<'SQL'
        SELECT max(promised_to) AS promised_to, count(*) AS count,
               (array_agg(title || CASE label WHEN '' THEN '' ELSE ', ' || label END ORDER BY id))[1] AS title
        FROM order_lines
        WHERE supplier_order_id = sent.id
          AND withdrawn < quantity
        SQL;

    /** @return list<DeskDayView> */
    public static function days(Stall $stall): array
    {
        $clock = Clock::of($stall);
        $days = [];
        for ($n = 0; $n < self::BEFORE + self::AFTER; $n++) {
            $day = $clock->local(self::from($stall))->addDays($n);
            $days[] = new DeskDayView($day->format('D j'), self::at($stall, $day));
        }

        return $days;
    }

    public static function now(Stall $stall): int
    {
        return self::at($stall, now());
    }

    /** @return list<UnderWayView> */
    public static function of(Stall $stall, int $most): array
    {
        $read = static fn (string $sql, array $with): array => DB::select(sprintf($sql, self::LINE), $with + [
            'stall' => $stall->id,
            'most' => $most,
        ]);
        $open = [...$read(self::UNPOSTED, []), ...$read(self::OPEN, [])];
        usort($open, static fn (\stdClass $a, \stdClass $b): int => [$a->promised ?? '9', $a->id] <=> [$b->promised ?? '9', $b->id]);
        $there = $read(self::JUST_THERE, ['since' => now()->subDay(), 'most' => 2]);
        $rows = array_values([...array_slice($open, 0, max(0, $most - count($there))), ...$there]);

        return array_map(static fn (\stdClass $row): UnderWayView => self::view($stall, $row), $rows);
    }

    private static function view(Stall $stall, \stdClass $row): UnderWayView
    {
        $moment = static fn (mixed $at): ?Carbon => is_string($at) ? Carbon::parse($at, 'UTC') : null;
        [$paid, $posted, $there] = [$moment($row->paid_at) ?? now(), $moment($row->posted_at), $moment($row->there_at)];
        $promised = is_string($row->promised) ? self::end($stall, $row->promised) : null;
        $late = $promised !== null && $there === null && $promised->isPast();
        $amiss = in_array($row->stands, [ParcelEventKind::Lost->value, ParcelEventKind::GoesBack->value], true);

        return new UnderWayView(
            order: (int) $row->id,
            number: (int) $row->number,
            goods: $row->title.((int) $row->count > 1 ? sprintf(' and %d more', (int) $row->count - 1) : ''),
            supplier: (string) $row->supplier,
            tone: match (true) {
                $there !== null => 'there',
                $row->state === 'refused', $late, $amiss => 'amiss',
                self::stands($row, $moment) > 0 => 'slow',
                default => 'fine',
            },
            paid: self::at($stall, $paid),
            posted: $posted === null ? null : self::at($stall, $posted),
            promised: $promised === null ? null : self::at($stall, $promised),
            there: $there === null ? null : self::at($stall, $there),
            note: self::note($stall, $row, $there, $promised, $late, self::stands($row, $moment)),
        );
    }

    private static function note(Stall $stall, \stdClass $row, ?Carbon $there, ?Carbon $promised, bool $late, int $still): string
    {
        return match (true) {
            $there !== null && $promised !== null => 'there '.self::early($stall, $there, $promised),
            $there !== null => 'there',
            $row->state === 'refused' => 'refused',
            is_string($row->stands) && in_array($row->stands, ['lost', 'back', 'missed'], true) => ParcelEventKind::from($row->stands)->words(),
            $late => $row->posted_at === null ? 'not posted yet' : 'late',
            $still > 0 => 'stands still for '.DayWords::count($still),
            $row->state === 'to_send' => 'not sent yet',
            default => '',
        };
    }

    private static function early(Stall $stall, Carbon $there, Carbon $promised): string
    {
        $clock = Clock::of($stall);
        $days = (int) (new DateTimeImmutable($clock->local($there)->toDateString()))
            ->diff(new DateTimeImmutable($clock->local($promised->copy()->subMinute())->toDateString()))
            ->format('%r%a');

        return match (true) {
            $days === 0 => 'in time',
            $days > 0 => DayWords::count($days).' early',
            default => DayWords::count(-$days).' late',
        };
    }

    /**
     * Days since a posted parcel last moved, from the third on.
     *
     * @param  callable(mixed): ?Carbon  $moment
     */
    private static function stands(\stdClass $row, callable $moment): int
    {
        $moved = $row->there_at === null ? $moment($row->moved_at) : null;
        $days = $moved === null ? 0 : (int) $moved->diffInDays(now(), absolute: true);

        return $days >= 3 ? $days : 0;
    }

    private static function from(Stall $stall): Carbon
    {
        return Clock::of($stall)->begins(Clock::of($stall)->local(now())->subDays(self::BEFORE)->toDateString());
    }

    private static function end(Stall $stall, string $day): Carbon
    {
        return Clock::of($stall)->begins((new DateTimeImmutable($day))->modify('+1 day')->format('Y-m-d'));
    }

    /** Where a moment lies on the axis; what lies beyond its ends lies at them. */
    private static function at(Stall $stall, \Carbon\CarbonInterface $moment): int
    {
        $seconds = $moment->getTimestamp() - self::from($stall)->getTimestamp();

        return max(0, min(self::WHOLE, intdiv($seconds * self::WHOLE, (self::BEFORE + self::AFTER) * 86_400)));
    }
}
