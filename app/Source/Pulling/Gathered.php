<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\Copy;

/**
 * What a pull brought, laid by until it has been judged: every item's id, and of those that say something new the
 * whole. In a table of the session, which is gone when the pull breaks off, however it does.
 *
 * @phpstan-import-type SaidItem from Item
 */
final readonly class Gathered
{
    /**
     * Items that are written at a time; what a pull wrote before it broke off is the same again when it is done anew.
     */
    private const CHUNK = 2_000;

    private const TABLE = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS pulled (
            nr bigint GENERATED ALWAYS AS IDENTITY,
            external_id text NOT NULL,
            said text,
            raw text
        )
        SQL;

    /** The supplier's goods that it didn't bring. */
    private const MISSING = <<<'SQL'
        FROM supplier_items AS item
        WHERE item.connection_id = :connection
          AND item.gone_at IS NULL
          AND NOT EXISTS (SELECT 1 FROM pulled WHERE pulled.external_id = item.external_id)
        SQL;

    private const END_VARIANTS = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET gone_at = now(), stock = 0
        FROM supplier_items AS item
        WHERE item.id = variant.supplier_item_id
          AND item.connection_id = :connection
          AND item.gone_at IS NULL
          AND variant.gone_at IS NULL
          AND NOT EXISTS (SELECT 1 FROM pulled WHERE pulled.external_id = item.external_id)
        SQL;

    private const END_LANDINGS = <<<'SQL'
        DELETE FROM item_landings AS landing
        USING supplier_items AS item
        WHERE item.id = landing.supplier_item_id
          AND item.connection_id = :connection
          AND NOT EXISTS (SELECT 1 FROM pulled WHERE pulled.external_id = item.external_id)
        SQL;

    private const MARK = <<<'SQL'
        INSERT INTO unsettled_items (supplier_item_id, stall_id, connection_id, renamed)
        SELECT item.id, item.stall_id, item.connection_id, true
        FROM supplier_items AS item
        WHERE item.connection_id = :connection
          AND item.gone_at IS NULL
          AND NOT EXISTS (SELECT 1 FROM pulled WHERE pulled.external_id = item.external_id)
        ON CONFLICT (supplier_item_id) DO UPDATE SET renamed = true
        SQL;

    private const END_ITEMS = <<<'SQL'
        UPDATE supplier_items AS item
        SET gone_at = now(), stock = 0, raw_hash = NULL
        WHERE item.connection_id = :connection
          AND item.gone_at IS NULL
          AND NOT EXISTS (SELECT 1 FROM pulled WHERE pulled.external_id = item.external_id)
        SQL;

    /** What came otherwise and says the same is known by how it came now. */
    private const KNOW_AGAIN = <<<'SQL'
        UPDATE supplier_items AS item
        SET raw_hash = pulled.raw
        FROM pulled
        WHERE item.connection_id = :connection
          AND item.external_id = pulled.external_id
          AND pulled.said IS NULL
          AND pulled.raw IS NOT NULL
          AND item.raw_hash IS DISTINCT FROM pulled.raw
        SQL;

    private const LAY_BY = <<<'SQL'
        INSERT INTO set_aside_items (stall_id, run_id, external_id, said)
        SELECT DISTINCT ON (external_id) :stall, :run, external_id, said
        FROM pulled
        ORDER BY external_id, nr
        SQL;

    private const TAKE_UP = <<<'SQL'
        INSERT INTO pulled (external_id, said)
        SELECT external_id, said
        FROM set_aside_items
        WHERE run_id = :run
        ORDER BY external_id
        SQL;

    public function __construct(private SaveItems $save)
    {
    }

    public function begin(): void
    {
        DB::statement(self::TABLE);
        DB::statement('TRUNCATE pulled');
        DB::statement('CREATE INDEX IF NOT EXISTS pulled_ids ON pulled (external_id)');
    }

    /** Lays a page by; nothing of it is used yet. */
    public function add(ItemChanges $compared): void
    {
        $said = [];
        foreach ($compared->changed as ['item' => $item, 'said' => $words]) {
            $said[$item->id] = $words;
        }
        Copy::into(
            'pulled',
            ['external_id', 'said', 'raw'],
            array_map(
                static fn (string $id): array => [$id, $said[$id] ?? null, $compared->raw[$id] ?? null],
                $compared->ids,
            ),
        );
    }

    /** How many of the supplier's goods it didn't bring. */
    public function missing(SupplierConnection $connection): int
    {
        DB::statement('ANALYZE pulled');

        return (int) DB::scalar('SELECT count(*) '.self::MISSING, ['connection' => $connection->id]);
    }

    /**
     * @return list<string> titles of goods that it didn't bring
     */
    public function missed(SupplierConnection $connection, int $most): array
    {
        $rows = DB::select('SELECT item.title '.self::MISSING.' ORDER BY item.title LIMIT '.$most, [
            'connection' => $connection->id,
        ]);

        return array_map(static fn (\stdClass $row): string => (string) $row->title, array_values($rows));
    }

    /**
     * Uses all that is new, and ends what wasn't brought.
     *
     * @param  callable(): void  $between  called after each part that was written; it may throw to stop
     * @return array{new: int, changed: int, gone: int} what was written
     */
    public function use(SupplierConnection $connection, callable $between): array
    {
        $counts = ['new' => 0, 'changed' => 0, 'gone' => 0];
        foreach ($this->changed() as [$items, $raw]) {
            $made = ($this->save)($connection, $items, $raw);
            $counts['new'] += $made['new'];
            $counts['changed'] += $made['changed'];
            $between();
        }
        DB::update(self::KNOW_AGAIN, ['connection' => $connection->id]);
        $counts['gone'] = $this->endMissing($connection);

        return $counts;
    }

    /** Ends what wasn't brought. @return int how many items */
    public function endMissing(SupplierConnection $connection): int
    {
        DB::statement('ANALYZE pulled');

        return DB::transaction(function () use ($connection): int {
            DB::update(self::END_VARIANTS, ['connection' => $connection->id]);
            DB::insert(self::MARK, ['connection' => $connection->id]);
            DB::delete(self::END_LANDINGS, ['connection' => $connection->id]);

            return DB::update(self::END_ITEMS, ['connection' => $connection->id]);
        });
    }

    /** Keeps all of it under a run, for a person to look at. */
    public function layBy(int $stall, int $run): void
    {
        DB::delete('DELETE FROM set_aside_items WHERE run_id = ?', [$run]);
        DB::insert(self::LAY_BY, ['stall' => $stall, 'run' => $run]);
    }

    /** What was kept under a run, to be used after all. @return int how many items */
    public function takeUp(int $run): int
    {
        DB::insert(self::TAKE_UP, ['run' => $run]);

        return (int) DB::scalar('SELECT count(*) FROM pulled');
    }

    /**
     * @return \Generator<int, array{non-empty-list<Item>, array<string, string>}> what says something new, some at a
     *     time, with how it came
     */
    private function changed(): \Generator
    {
        $after = 0;
        do {
            $rows = DB::select(
                'SELECT nr, external_id, said, raw FROM pulled WHERE said IS NOT NULL AND nr > ? ORDER BY nr LIMIT '.
                    self::CHUNK,
                [$after],
            );
            if ($rows !== []) {
                $after = (int) $rows[count($rows) - 1]->nr;
                yield [
                    array_map(self::item(...), array_values($rows)),
                    array_filter(array_column($rows, 'raw', 'external_id')),
                ];
            }
        } while ($rows !== []);
    }

    private static function item(\stdClass $row): Item
    {
        /** @var SaidItem $said */
        $said = json_decode((string) $row->said, true, flags: JSON_THROW_ON_ERROR);

        return Item::fromArray($said);
    }
}
