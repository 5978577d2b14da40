<?php

declare(strict_types=1);

namespace WindowStall\Drift\Desk;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\ChangeGroup;
use WindowStall\Core\Drift\GroupFigures;
use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\DriftChange;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** What waits on a stall's desk, laid together by supplier and by what happened; counted and summed by the database. */
final readonly class Desk
{
    /** Days over which is reckoned what changes come to. */
    public const DAYS = 30;

    private const GROUP = <<<'SQL'
        CASE
            WHEN drift_changes.kind = 'cost' AND drift_changes.moved_bp < 0 THEN 'cost_down'
            WHEN drift_changes.kind = 'cost' THEN 'cost_up'
            WHEN drift_changes.kind IN ('title', 'words', 'pictures') THEN 'rewritten'
            WHEN drift_changes.kind IN ('variant_as', 'item_as') THEN 'renamed'
            ELSE drift_changes.kind
        END
        SQL;

    private const GROUPS = <<<'SQL'
        WITH sold AS (
            SELECT line.listing_variant_id, sum(line.quantity) AS pieces
            FROM order_lines AS line
            JOIN orders AS placed ON placed.id = line.order_id
            WHERE placed.stall_id = :stall
              AND placed.state = 'paid'
              AND placed.paid_at >= now() - make_interval(days => :days)
            GROUP BY line.listing_variant_id
        )
        SELECT drift_changes.connection_id,
               :group AS happened,
               count(*) AS changes,
               count(DISTINCT drift_changes.listing_id) AS listings,
               min(abs(drift_changes.moved_bp)) AS least_bp,
               max(abs(drift_changes.moved_bp)) AS most_bp,
               count(*) FILTER (WHERE drift_changes.under_floor) AS under_floor,
               count(*) FILTER (WHERE drift_changes.price_agreed <> drift_changes.price_was) AS moving,
               round(avg(drift_changes.keep_was - drift_changes.keep_kept))::bigint AS stays,
               round(avg(drift_changes.keep_was - drift_changes.keep_agreed))::bigint AS less,
               round(avg(drift_changes.keep_was))::bigint AS keep_was,
               round(avg(drift_changes.keep_agreed))::bigint AS keep_agreed,
               sum(sold.pieces * (drift_changes.keep_agreed - drift_changes.keep_was)) AS month,
               sum(sold.pieces) AS pieces,
               mode() WITHIN GROUP (ORDER BY drift_changes.rule) AS why,
               count(*) FILTER (WHERE drift_changes.kind = 'title') AS titles,
               count(*) FILTER (WHERE drift_changes.kind = 'words') AS words,
               count(*) FILTER (WHERE drift_changes.kind = 'pictures') AS pictures
        FROM drift_changes
        JOIN listings AS listing ON listing.id = drift_changes.listing_id AND listing.deleted_at IS NULL
        LEFT JOIN sold ON sold.listing_variant_id = drift_changes.listing_variant_id
        WHERE drift_changes.stall_id = :stall
          AND drift_changes.standing = 'asks'
          AND :filter
        GROUP BY drift_changes.connection_id, happened
        SQL;

    private const LATELY = <<<'SQL'
        SELECT count(*) AS facts,
               count(*) FILTER (WHERE standing IN ('followed', 'kept') AND decided_at IS NULL) AS ruled
        FROM drift_changes
        WHERE stall_id = ?
          AND at >= now() - interval '1 day'
        SQL;

    /** @return list<DeskGroup> what costs most to leave lying first */
    public static function groups(Stall $stall, DeskFilter $filter = new DeskFilter): array
    {
        $rows = DB::select(
            strtr(self::GROUPS, [':group' => self::GROUP, ':filter' => DeskFilter::SQL]),
            ['stall' => $stall->id, 'days' => self::DAYS] + $filter->bindings(),
        );
        $suppliers = SupplierConnection::of($stall)->pluck('name', 'id')->all();
        $groups = array_map(static fn (\stdClass $row): DeskGroup => new DeskGroup(
            connection: (int) $row->connection_id,
            supplier: (string) ($suppliers[$row->connection_id] ?? ''),
            group: ChangeGroup::from((string) $row->happened),
            figures: new GroupFigures(
                count: (int) $row->changes,
                listings: (int) $row->listings,
                leastBp: (int) $row->least_bp,
                mostBp: (int) $row->most_bp,
                underFloor: (int) $row->under_floor,
                moving: (int) $row->moving,
                stays: $stall->moneyOrNull($row->stays),
                less: $stall->moneyOrNull($row->less),
                kinds: [
                    'title' => (int) $row->titles,
                    'words' => (int) $row->words,
                    'pictures' => (int) $row->pictures,
                ],
            ),
            keepWas: $stall->moneyOrNull($row->keep_was),
            keepAgreed: $stall->moneyOrNull($row->keep_agreed),
            month: $stall->moneyOrNull($row->month === null ? null : (int) $row->month),
            pieces: (int) $row->pieces,
            why: (string) $row->why,
        ), $rows);
        usort($groups, static fn (DeskGroup $a, DeskGroup $b): int => [
            $b->figures->underFloor > 0, $a->group->rank(), $a->supplier,
        ] <=> [$a->figures->underFloor > 0, $b->group->rank(), $b->supplier]);

        return $groups;
    }

    /** @return array{facts: int, ruled: int} how many facts changed since yesterday, and how many rules settled */
    public static function lately(Stall $stall): array
    {
        $row = DB::selectOne(self::LATELY, [$stall->id]);

        return ['facts' => (int) $row->facts, 'ruled' => (int) $row->ruled];
    }

    /** @return Builder<DriftChange> what waits of a group */
    public static function waiting(Stall $stall, int $connection, ChangeGroup $group): Builder
    {
        return DriftChange::query()->where('stall_id', $stall->id)
            ->where('connection_id', $connection)->where('standing', Standing::Asks)
            ->whereRaw(self::GROUP.' = ?', [$group->value])->whereHas('listing');
    }

    /** @return Builder<DriftChange> what went through by rules, newest first */
    public static function quiet(Stall $stall): Builder
    {
        return DriftChange::query()->where('stall_id', $stall->id)
            ->whereIn('standing', [Standing::Followed, Standing::Kept, Standing::Settled])
            ->whereNull('decided_at')->whereHas('listing')->orderByDesc('id');
    }
}
