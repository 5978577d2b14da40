<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\OncePerState;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Window\Pages\PageRenderer;

/**
 * The order in which a shop's pages went stale. What was noted with changes gets the next revision of the shop here, one
 * at a time for a stall, and stays on record for an hour: each machine that keeps pages follows by it.
 */
final readonly class PageTurns
{
    /** The first of the two numbers of PostgreSQL's advisory lock; the second is the stall's. */
    private const TURN = 5_406;

    /** Where more goods changed at once than this, all pages are made anew. */
    private const MOST_GOODS = 500;

    private const TAKE = <<<'SQL'
        DELETE FROM stale_pages
        WHERE stall_id = ?
        RETURNING array_to_json(keys) AS keys
        SQL;

    private const RECORD = <<<'SQL'
        INSERT INTO page_turns (stall_id, revision, generation, keys)
        VALUES (?, ?, ?, ?::text[])
        SQL;

    private const FORGET = <<<'SQL'
        DELETE FROM page_turns
        WHERE stall_id = ?
          AND turned_at < now() - interval '1 hour'
        SQL;

    private const SINCE = <<<'SQL'
        SELECT revision, generation, array_to_json(keys) AS keys
        FROM page_turns
        WHERE stall_id = ?
          AND revision > ?
        ORDER BY revision
        SQL;

    private const STALE = <<<'SQL'
        SELECT EXISTS (SELECT 1 FROM stale_pages WHERE stall_id = :stall AND keys && :keys::text[])
            OR EXISTS (
                SELECT 1 FROM page_turns WHERE stall_id = :stall AND revision > :revision AND keys && :keys::text[]
            ) AS stale
        SQL;

    public function __construct(private PageRenderer $pages)
    {
    }

    /** Gives what was noted since the last turn its revision. */
    public function turn(Stall $stall): void
    {
        DB::transaction(function () use ($stall): void {
            DB::select('SELECT pg_advisory_xact_lock(?, ?)', [self::TURN, $stall->id]);
            $keys = self::keys(DB::select(self::TAKE, [$stall->id]));
            if ($keys === []) {
                return;
            }
            $state = ShopState::turn($stall);
            $frame = $this->frame($stall, $keys, $state->frame);
            $all = in_array(StalePages::FRAME, $keys, true) || $frame !== $state->frame;
            $state = $state->framed($stall, $frame, another: $all);
            $keys = $all ? [StalePages::FRAME] : $keys;
            DB::insert(self::RECORD, [$stall->id, $state->revision, $state->generation, PgArray::texts($keys)]);
            DB::delete(self::FORGET, [$stall->id]);
        });
    }

    /**
     * @param  list<string>  $keys
     * @return string|null a hash of the look and of what stands on every page: menus leave out shelves that hold nothing
     */
    private function frame(Stall $stall, array $keys, ?string $known): ?string
    {
        if (array_intersect($keys, [StalePages::LISTS, StalePages::FRAME]) === []) {
            return $known;
        }
        $shown = $this->pages->published($stall);
        $frame = OncePerState::afresh(fn (): array => $this->pages->frame($stall, $shown));

        return hash('xxh128', serialize([$shown->look->toArray(), $frame]));
    }

    /** @return list<array{revision: int, generation: int, keys: list<string>}> */
    public function since(Stall $stall, int $revision): array
    {
        return array_values(array_map(static fn (\stdClass $turn): array => [
            'revision' => (int) $turn->revision,
            'generation' => (int) $turn->generation,
            'keys' => self::keys([$turn]),
        ], DB::select(self::SINCE, [$stall->id, $revision])));
    }

    /**
     * Whether something that a page depends on changed since it began to be made.
     *
     * @param  int  $revision  the shop's, before anything was read for it
     * @param  list<string>  $keys
     */
    public function isStale(Stall $stall, int $revision, array $keys): bool
    {
        return (bool) DB::scalar(self::STALE, [
            'stall' => $stall->id,
            'revision' => $revision,
            'keys' => PgArray::texts($keys),
        ]);
    }

    /**
     * @param  array<\stdClass>  $rows
     * @return list<string> each once
     */
    private static function keys(array $rows): array
    {
        $keys = [];
        foreach ($rows as $row) {
            $keys += array_fill_keys((array) json_decode((string) $row->keys, true), true);
        }
        $keys = array_map(strval(...), array_keys($keys));

        return count($keys) > self::MOST_GOODS ? [StalePages::FRAME] : $keys;
    }
}
