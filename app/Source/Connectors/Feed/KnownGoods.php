<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Support\Copy;

/**
 * Which items of a file came, byte for byte, as they came when they were last read: each row is hashed as it stands,
 * the hashes go by COPY into a table of the session, and PostgreSQL joins them to those of the goods it has.
 */
final class KnownGoods
{
    /** Rises when the same bytes are read otherwise than before, so that all is read anew. */
    private const READING = 2;

    private const IDS = 5_000;

    /** Rows that go as one at the most. */
    private const TOGETHER = 2_000;

    /** Parts SKUs in one text; no SKU holds it. */
    private const PART = "\x1F";

    /** Rows of one item that stand together go as one. */
    private const GROUPS = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS feed_groups (first bigint, last bigint, item text, skus text, hashes text)
        SQL;

    /** Each item of the file, and whether it is known; one with a SKU that stands twice in the file never is. */
    private const ITEMS = <<<'SQL'
        INSERT INTO feed_items (item, known)
        WITH skus AS (
            SELECT item, unnest(string_to_array(skus, chr(31))) AS sku
            FROM feed_groups
        ), twice AS (
            SELECT sku
            FROM skus
            GROUP BY sku
            HAVING count(*) > 1
        ), doubled AS (
            SELECT DISTINCT skus.item
            FROM skus
            JOIN twice USING (sku)
        ), come AS (
            SELECT item, md5(:salt || string_agg(hashes, '' ORDER BY first)) AS raw
            FROM feed_groups
            GROUP BY item
        )
        SELECT come.item, known.id IS NOT NULL
        FROM come
        LEFT JOIN doubled USING (item)
        LEFT JOIN supplier_items AS known ON known.connection_id = :connection
            AND known.external_id = come.item
            AND known.raw_hash = come.raw
            AND known.gone_at IS NULL
            AND doubled.item IS NULL
        SQL;

    /** Each item came as before, and there are as many as there were. */
    private const NOTHING_NEW = <<<'SQL'
        SELECT count(*) FILTER (WHERE NOT known) = 0
               AND count(*) = (
                   SELECT count(*) FROM supplier_items WHERE connection_id = :connection AND gone_at IS NULL
               )
        FROM feed_items
        SQL;

    private const UNKNOWN = <<<'SQL'
        DECLARE unknown_rows CURSOR WITH HOLD FOR
        SELECT feed_groups.first, feed_groups.last
        FROM feed_groups
        JOIN feed_items USING (item)
        WHERE NOT feed_items.known
        ORDER BY feed_groups.first
        SQL;

    private function __construct(private readonly int $connection)
    {
    }

    /** @return self|null null where no goods can be known yet */
    public static function before(Feed $feed, ReadLine $read, Mapping $mapping, int $connection): ?self
    {
        if (! DB::table('supplier_items')->where('connection_id', $connection)->whereNotNull('raw_hash')->exists()) {
            return null;
        }
        DB::statement(self::GROUPS);
        DB::statement('CREATE TEMP TABLE IF NOT EXISTS feed_items (item text, known boolean)');
        DB::statement('TRUNCATE feed_groups, feed_items');
        Copy::into('feed_groups', ['first', 'last', 'item', 'skus', 'hashes'], self::groups($feed, $read));
        DB::statement('ANALYZE feed_groups (item)');
        DB::insert(self::ITEMS, ['salt' => self::salt($mapping), 'connection' => $connection]);
        DB::statement('ANALYZE feed_items');

        return new self($connection);
    }

    /** @return \Generator<int, list<string|int>> rows of one item that stand together, as one */
    private static function groups(Feed $feed, ReadLine $read): \Generator
    {
        $item = null;
        $first = $last = 0;
        $skus = $hashes = '';
        foreach ($feed->rows() as $number => $values) {
            $of = $read->item($values);
            if ($of !== $item || $number - $first >= self::TOGETHER) {
                if ($item !== null) {
                    yield [$first, $last, $item, substr($skus, 1), $hashes];
                }
                [$item, $first, $skus, $hashes] = [$of, $number, '', ''];
            }
            $last = $number;
            $skus .= self::PART.$read->sku($values);
            $hashes .= self::hash($values);
        }
        if ($item !== null) {
            yield [$first, $last, $item, substr($skus, 1), $hashes];
        }
    }

    /** @param  list<string>  $values  of a row */
    public static function hash(array $values): string
    {
        return hash('xxh128', implode("\x1F", $values));
    }

    /** What the same bytes are read by. */
    public static function salt(Mapping $mapping): string
    {
        return hash('xxh128', self::READING.json_encode($mapping->toArray(), JSON_THROW_ON_ERROR));
    }

    /** Whether the file brings what the last one brought, and leaves nothing out. */
    public function nothingNew(): bool
    {
        return (bool) DB::scalar(self::NOTHING_NEW, ['connection' => $this->connection]);
    }

    public function sameCount(): int
    {
        return (int) DB::scalar('SELECT count(*) FROM feed_items WHERE known');
    }

    /** @return \Generator<int, list<string>> ids of the items that came as before, some at a time */
    public function same(): \Generator
    {
        DB::statement('DECLARE known_goods CURSOR WITH HOLD FOR SELECT item FROM feed_items WHERE known');
        try {
            while (($rows = DB::select('FETCH '.self::IDS.' FROM known_goods')) !== []) {
                yield array_map(static fn (\stdClass $row): string => (string) $row->item, array_values($rows));
            }
        } finally {
            DB::statement('CLOSE known_goods');
        }
    }

    /**
     * @return \Generator<int, int> numbers of the rows that have to be read, rising; with what stands empty between
     *     them
     */
    public function unknownRows(): \Generator
    {
        DB::statement(self::UNKNOWN);
        try {
            while (($rows = DB::select('FETCH '.self::IDS.' FROM unknown_rows')) !== []) {
                foreach ($rows as $row) {
                    yield from range((int) $row->first, (int) $row->last);
                }
            }
        } finally {
            DB::statement('CLOSE unknown_rows');
        }
    }
}
