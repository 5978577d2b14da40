<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Together;

/**
 * Puts goods on the shelves they belong on. What changed is noted in the transaction that changes it, and worked in
 * once that is done: all shelves in one pass, one at a time for a stall. Whatever breaks off leaves its note to the
 * next.
 */
final readonly class FillShelves
{
    /** The first of the two numbers of PostgreSQL's advisory lock; the second is the stall's. */
    private const TURN = 5_405;

    private const NOTE = <<<'SQL'
        INSERT INTO shelf_waiting (stall_id, listing_id, since)
        SELECT ?, listing, now()
        FROM unnest(?::bigint[]) AS listing
        SQL;

    private const TAKE = <<<'SQL'
        DELETE FROM shelf_waiting
        WHERE stall_id = ?
        RETURNING listing_id
        SQL;

    /** %1$s: shelves with the condition of each; %2$s: which goods; %3$s: the shelves' numbers. */
    private const FILL = <<<'SQL'
        WITH fits AS MATERIALIZED (
            SELECT facts.listing_id, shelf.id AS shelf_id
            FROM goods_facts AS facts
            CROSS JOIN LATERAL (VALUES %1$s) AS shelf (id, fits)
            WHERE facts.stall_id = ?
              AND %2$s
              AND shelf.fits
        ),
        placed AS MATERIALIZED (
            SELECT place.shelf_id, place.listing_id, place.kind
            FROM shelf_places AS place
            JOIN goods_facts AS facts ON facts.listing_id = place.listing_id
            WHERE place.stall_id = ?
              AND place.shelf_id IN (%3$s)
              AND place.kind <> 'at'
              AND %2$s
        ),
        belongs AS MATERIALIZED (
            SELECT shelf_id, listing_id FROM fits
            UNION
            SELECT shelf_id, listing_id FROM placed WHERE kind <> 'out'
            EXCEPT
            SELECT shelf_id, listing_id FROM placed WHERE kind = 'out'
        ),
        standing AS MATERIALIZED (
            SELECT facts.shelf_id, facts.listing_id
            FROM shelf_goods AS facts
            WHERE facts.stall_id = ?
              AND facts.shelf_id IN (%3$s)
              AND %2$s
        ),
        -- By sets, which are hashed: a shelf that was empty until now has no figures a join could be planned by.
        gone AS (
            DELETE FROM shelf_goods AS old
            USING (
                SELECT shelf_id, listing_id FROM standing
                EXCEPT
                SELECT shelf_id, listing_id FROM belongs
            ) AS leaving
            WHERE old.shelf_id = leaving.shelf_id
              AND old.listing_id = leaving.listing_id
            RETURNING old.shelf_id
        ),
        come AS (
            INSERT INTO shelf_goods (shelf_id, listing_id, stall_id)
            SELECT coming.shelf_id, coming.listing_id, ?
            FROM (
                SELECT shelf_id, listing_id FROM belongs
                EXCEPT
                SELECT shelf_id, listing_id FROM standing
            ) AS coming
            RETURNING shelf_id
        )
        SELECT (SELECT count(*) FROM gone) + (SELECT count(*) FROM come) AS moved
        SQL;

    public function __construct(private GoodsFacts $facts)
    {
    }

    /** Notes what changed, and works it in when the change is done. */
    public function note(ListingsChanged $changed): void
    {
        if ($changed->listings === []) {
            return;
        }
        $listings = $changed->listings === null ? '{NULL}' : PgArray::numbers($changed->listings);
        DB::insert(self::NOTE, [$changed->stall->id, $listings]);
        // What was changed stands whatever becomes of the shelves; what isn't worked in now waits for the next.
        Together::afterwards('shelves of '.$changed->stall->id, fn () => rescue(fn () => $this($changed->stall)));
    }

    /**
     * Works in what waits.
     *
     * @return int how many came and went
     */
    public function __invoke(Stall $stall): int
    {
        return DB::transaction(function () use ($stall): int {
            self::turn($stall);
            $waiting = array_column(DB::select(self::TAKE, [$stall->id]), 'listing_id');
            if ($waiting === []) {
                return 0;
            }
            $listings = in_array(null, $waiting, true)
                ? null
                : array_values(array_unique(array_map(intval(...), $waiting)));
            if ($listings !== null && ! $this->facts->concern($stall, $listings)) {
                return 0;
            }
            ($this->facts)($stall, $listings);

            return $this->fill($stall, $listings);
        }, attempts: 3);
    }

    /**
     * All goods anew, as after a change of a rule or by the calendar.
     *
     * @param  Shelf|null  $only  that shelf alone
     * @return int how many came and went
     */
    public function all(Stall $stall, ?Shelf $only = null): int
    {
        return DB::transaction(function () use ($stall, $only): int {
            self::turn($stall);

            return $this->fill($stall, null, $only);
        }, attempts: 3);
    }

    /**
     * @param  list<int>|null  $listings  all when null
     * @return int how many came and went
     */
    private function fill(Stall $stall, ?array $listings, ?Shelf $only = null): int
    {
        $shelves = Shelf::of($stall)->when($only !== null, fn ($q) => $q->whereKey($only?->id))->orderBy('id')->get();
        if ($shelves->isEmpty()) {
            return 0;
        }
        $rows = $bindings = [];
        foreach ($shelves as $shelf) {
            $sql = new RuleSql($shelf->readRule($stall));
            $rows[] = sprintf('(%d::bigint, %s)', $shelf->id, $sql->condition);
            $bindings = [...$bindings, ...$sql->bindings];
        }
        $which = $listings === null ? 'true' : 'facts.listing_id = ANY (?::bigint[])';
        $of = $listings === null ? [$stall->id] : [$stall->id, PgArray::numbers($listings)];
        $numbers = implode(', ', $shelves->modelKeys());
        $moved = DB::selectOne(sprintf(self::FILL, implode(', ', $rows), $which, $numbers), [
            ...$bindings,
            ...$of,
            ...$of,
            ...$of,
            $stall->id,
        ]);
        Shelf::of($stall)
            ->whereKey($shelves->modelKeys())
            ->where(static fn ($q) => $q->where('moves', true)->orWhereNull('filled_at'))
            ->update(['filled_at' => now()]);

        if ((int) $moved->moved > 0) {
            StalePages::lists($stall);
        }

        return (int) $moved->moved;
    }

    private static function turn(Stall $stall): void
    {
        DB::select('SELECT pg_advisory_xact_lock(?, ?)', [self::TURN, $stall->id]);
    }
}
