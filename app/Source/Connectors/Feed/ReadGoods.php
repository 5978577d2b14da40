<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Feeds\AssembleItem;
use WindowStall\Core\Feeds\Line;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Support\Copy;

/**
 * Reads a whole file into items. Rows of one item may stand far apart, so the rows pass through a table of the session:
 * PostgreSQL sorts them, and PHP never holds more than a page.
 */
final class ReadGoods
{
    private const PAGE_ROWS = 2_500;

    /** More variants than this are no item but a file whose item column is mapped wrongly. */
    private const MOST_VARIANTS = 10_000;

    private const MOST_REJECTS = 10_000;

    /**
     * @return \Generator<int, CataloguePage>
     *
     * @throws SupplierTrouble|FeedTrouble
     */
    public static function pages(Feed $feed, Mapping $mapping): \Generator
    {
        DB::statement('CREATE TEMP TABLE IF NOT EXISTS feed_lines (item text, row bigint, sku text, line text)');
        DB::statement('TRUNCATE feed_lines');
        $rejects = [];
        $rejected = 0;
        Copy::into('feed_lines', ['item', 'row', 'sku', 'line'], self::lines($feed, $mapping, $rejects, $rejected));
        $total = (int) DB::scalar('SELECT count(DISTINCT item) FROM feed_lines');
        if ($total === 0) {
            throw FeedTrouble::because($rejected === 0 ? 'The file has a header and no goods under it.' : sprintf('Not one of the %s rows can be used. The first: row %s, %s “%s”. %s', number_format($rejected), number_format($rejects[0]->row), $rejects[0]->column, $rejects[0]->value, $rejects[0]->reason));
        }
        yield new CataloguePage([], $total, $rejects, rejected: $rejected);
        yield from self::sorted($mapping, $total);
        DB::statement('TRUNCATE feed_lines');
    }

    /**
     * @param  list<Reject>  $rejects
     * @return \Generator<int, list<string|int>>
     */
    private static function lines(Feed $feed, Mapping $mapping, array &$rejects, int &$rejected): \Generator
    {
        $read = new ReadLine($mapping, $feed->header());
        foreach ($feed->rows() as $number => $values) {
            $line = $read->read($number, $values);
            if ($line instanceof Reject) {
                if (++$rejected <= self::MOST_REJECTS) {
                    $rejects[] = $line;
                }

                continue;
            }
            yield [$line->item, $number, $line->sku, json_encode([$line->barcode, $line->title, $line->words, $line->category, $line->cost, $line->rrp, $line->stock, $line->grams, $line->options, $line->pictures], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)];
        }
    }

    /** @return \Generator<int, CataloguePage> */
    private static function sorted(Mapping $mapping, int $total): \Generator
    {
        $assemble = new AssembleItem($mapping);
        // WITH HOLD: the cursor outlives the transactions in which the pages are stored.
        DB::statement('DECLARE feed_goods CURSOR WITH HOLD FOR SELECT item, row, sku, line, first_value(row) OVER (PARTITION BY sku ORDER BY row) AS first FROM feed_lines ORDER BY item, row');
        try {
            $lines = $items = $rejects = [];
            $held = 0;
            do {
                $rows = DB::select('FETCH '.self::PAGE_ROWS.' FROM feed_goods');
                foreach ($rows as $row) {
                    if ($row->first !== $row->row) {
                        $rejects[] = new Reject((int) $row->row, 'SKU', (string) $row->sku, sprintf('The same SKU stands in row %s already.', number_format((int) $row->first)));

                        continue;
                    }
                    if ($lines !== [] && $lines[0]->item !== $row->item) {
                        $items[] = $assemble->from($lines);
                        $held += count($lines);
                        $lines = [];
                        if ($held >= self::PAGE_ROWS) {
                            yield new CataloguePage($items, $total, $rejects);
                            [$items, $rejects, $held] = [[], [], 0];
                        }
                    }
                    if (count($lines) >= self::MOST_VARIANTS) {
                        throw FeedTrouble::because(sprintf('More than %s rows share the item code “%s”. Another column is probably the item code; look at the mapping again.', number_format(self::MOST_VARIANTS), $row->item));
                    }
                    $lines[] = new Line((int) $row->row, (string) $row->item, (string) $row->sku, ...json_decode((string) $row->line, true, 8, JSON_THROW_ON_ERROR));
                }
            } while ($rows !== []);
            if ($lines !== []) {
                $items[] = $assemble->from($lines);
            }
            if ($items !== [] || $rejects !== []) {
                yield new CataloguePage($items, $total, $rejects);
            }
        } finally {
            DB::statement('CLOSE feed_goods');
        }
    }
}
