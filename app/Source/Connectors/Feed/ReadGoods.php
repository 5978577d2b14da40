<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Feeds\AssembleItem;
use WindowStall\Core\Feeds\FeedRow;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Feeds\RowCount;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Support\Copy;

/**
 * Reads a whole file into items, those left out that came as they came last time. Rows of one item may stand far apart,
 * so the rows pass through a table of the session: PostgreSQL sorts them, and PHP never holds more than a page.
 */
final class ReadGoods
{
    private const PAGE_ROWS = 2_500;

    /** More variants than this are no item but a file whose item column is mapped wrongly. */
    private const MOST_VARIANTS = 10_000;

    private const MOST_REJECTS = 10_000;

    // WITH HOLD: the cursor outlives the transactions in which the pages are stored.
    private const SORTED = <<<'SQL'
        DECLARE feed_goods CURSOR WITH HOLD FOR
        SELECT item, row, sku, hash, line, first_value(row) OVER (PARTITION BY sku ORDER BY row) AS first
        FROM feed_lines
        ORDER BY item, row
        SQL;

    private ReadLine $read;

    private AssembleItem $assemble;

    /** @var list<Reject> */
    private array $rejects = [];

    private int $rejected = 0;

    /** Rows that were read, that goods were made of, and whose SKU stood twice. */
    private int $seen = 0;

    private int $used = 0;

    private int $doubled = 0;

    private function __construct(private readonly Feed $feed, private readonly Mapping $mapping)
    {
        $this->read = new ReadLine($mapping, $feed->header());
        $this->assemble = new AssembleItem($mapping);
    }

    /**
     * @param  int|null  $connection  whose goods may be known by how they came
     * @return \Generator<int, CataloguePage>
     *
     * @throws SupplierTrouble|FeedTrouble
     */
    public static function pages(Feed $feed, Mapping $mapping, ?int $connection = null): \Generator
    {
        return (new self($feed, $mapping))->all($connection);
    }

    /** @return \Generator<int, CataloguePage> */
    private function all(?int $connection): \Generator
    {
        $known =
            $connection === null ? null : KnownGoods::before($this->feed, $this->read, $this->mapping, $connection);
        if ($known?->nothingNew() === true) {
            yield CataloguePage::asBefore('Every row of the file says what it said last time.');

            return;
        }
        DB::statement(
            'CREATE TEMP TABLE IF NOT EXISTS feed_lines (item text, row bigint, sku text, hash text, line text)',
        );
        DB::statement('TRUNCATE feed_lines');
        $rows = $known === null ? $this->feed->rows() : $this->feed->some($known->unknownRows());
        Copy::into('feed_lines', ['item', 'row', 'sku', 'hash', 'line'], $this->lines($rows));
        $same = $known?->sameCount() ?? 0;
        $total = $same + (int) DB::scalar('SELECT count(DISTINCT item) FROM feed_lines WHERE line IS NOT NULL');
        if ($total === 0) {
            throw FeedTrouble::because(
                $this->rejected === 0
                    ? 'The file has a header and no goods under it.'
                    : sprintf(
                        'Not one of the %s rows can be used. The first: row %s, %s “%s”. %s',
                        number_format($this->rejected),
                        number_format($this->rejects[0]->row),
                        $this->rejects[0]->column,
                        $this->rejects[0]->value,
                        $this->rejects[0]->reason,
                    ),
            );
        }
        yield new CataloguePage([], $total, $this->rejects, rejected: $this->rejected);
        foreach ($known?->same() ?? [] as $ids) {
            yield new CataloguePage([], $total, same: $ids);
        }
        yield from $this->sorted($total);
        $rows = new RowCount(seen: $this->seen, used: $this->used, left: $this->rejected + $this->doubled);
        yield new CataloguePage([], $total, notes: array_values(array_filter([$rows->trouble()])), rows: $rows);
        DB::statement('TRUNCATE feed_lines');
    }

    /**
     * @param  iterable<int, list<string>>  $rows
     * @return \Generator<int, list<string|int|null>> a row that can't be used has no line
     */
    private function lines(iterable $rows): \Generator
    {
        foreach ($rows as $number => $values) {
            $this->seen++;
            $hash = KnownGoods::hash($values);
            $line = $this->read->read($number, $values);
            if ($line instanceof Reject) {
                if (++$this->rejected <= self::MOST_REJECTS) {
                    $this->rejects[] = $line;
                }
                yield [$this->read->item($values), $number, null, $hash, null];

                continue;
            }
            yield [$line->item, $number, $line->sku, $hash, self::written($line)];
        }
    }

    /** @return \Generator<int, CataloguePage> */
    private function sorted(int $total): \Generator
    {
        DB::statement(self::SORTED);
        try {
            $goods = new GoodsOfRows($this->mapping);
            $items = $rejects = $raw = [];
            $held = 0;
            do {
                $rows = DB::select('FETCH '.self::PAGE_ROWS.' FROM feed_goods');
                foreach ($rows as $row) {
                    if (! $goods->takes((string) $row->item)) {
                        $this->close($goods, $items, $raw, $held);
                        if ($held >= self::PAGE_ROWS) {
                            yield new CataloguePage($items, $total, $rejects, raw: $raw);
                            [$items, $rejects, $raw, $held] = [[], [], [], 0];
                        }
                    }
                    $goods->add($row);
                    if ($row->line !== null && $row->first !== $row->row) {
                        $this->doubled++;
                        $rejects[] = new Reject(
                            (int) $row->row,
                            'SKU',
                            (string) $row->sku,
                            sprintf('The same SKU stands in row %s already.', number_format((int) $row->first)),
                        );
                    }
                    if (count($goods->lines) > self::MOST_VARIANTS) {
                        throw FeedTrouble::because(
                            sprintf(
                                'More than %s rows share the item code “%s”. Another column is probably the item '.
                                    'code; look at the mapping again.',
                                number_format(self::MOST_VARIANTS),
                                $row->item,
                            ),
                        );
                    }
                }
            } while ($rows !== []);
            $this->close($goods, $items, $raw, $held);
            if ($items !== [] || $rejects !== []) {
                yield new CataloguePage($items, $total, $rejects, raw: $raw);
            }
        } finally {
            DB::statement('CLOSE feed_goods');
        }
    }

    /**
     * @param  list<Item>  $items
     * @param  array<string, string>  $raw
     */
    private function close(GoodsOfRows $goods, array &$items, array &$raw, int &$held): void
    {
        if ($goods->lines !== []) {
            $item = $this->assemble->from($goods->lines);
            $items[] = $item;
            $held += count($goods->lines);
            $this->used += count($goods->lines);
            $hash = $goods->raw();
            if ($hash !== null) {
                $raw[$item->id] = $hash;
            }
        }
        $goods->begin();
    }

    private static function written(FeedRow $line): string
    {
        return json_encode(
            [
                $line->barcode,
                $line->title,
                $line->words,
                $line->category,
                $line->cost,
                $line->rrp,
                $line->stock,
                $line->grams,
                $line->options,
                $line->pictures,
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
