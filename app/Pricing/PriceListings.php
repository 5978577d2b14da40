<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\MakesPrices;
use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Support\Copy;
use WindowStall\Support\Ids;
use WindowStall\Support\PgArray;

/**
 * Makes the price lists: reads what prices are made from, lets core price it listing by listing, and writes what
 * changed.
 *
 * A hundred thousand variants go in parts, each whole in a transaction; what comes out depends on nothing but what is
 * stored, so it can be done again at any time. A stall's prices are made by one at a time, and what they are made from
 * is read once it is one's turn: nobody writes prices over later ones.
 */
final class PriceListings implements MakesPrices
{
    /** Listings of one part: whole tables are read for each, so parts are large. */
    private const PART = 40_000;

    /** Where more prices moved at once, their listings aren't named one by one. */
    private const NAMED = 5_000;

    /** The first of the two numbers of PostgreSQL's advisory lock; the second is the stall's. */
    public const TURN = 5_403;

    /** Every so many listings of a stall, where one part ends. */
    private const ENDS = <<<'SQL'
        SELECT id
        FROM (
            SELECT id, row_number() OVER (ORDER BY id) AS n
            FROM listings
            WHERE stall_id = ?
              AND deleted_at IS NULL
        ) AS listing
        WHERE n % ? = 0
        ORDER BY id
        SQL;

    private const STAGE = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS stage_prices (
            listing_variant_id bigint, price_minor bigint, shown_minor bigint, recipe_minor bigint, goods_minor bigint,
            delivery_minor bigint, duty_minor bigint, handling_minor bigint, landed_minor bigint, keep_minor bigint,
            margin_bp int, above_floor_minor bigint, floor_over_cap boolean, offered boolean, priced_by text,
            recipe_id bigint, rate text, price_rate text
        )
        SQL;

    private const LEAST = <<<'SQL'
        UPDATE listings AS listing
        SET shown_from_minor = asked.least, shown_keep_minor = asked.kept
        FROM (
            SELECT variant.listing_id,
                   min(price.price_minor) FILTER (WHERE variant.own_on) AS least,
                   min(price.keep_minor) FILTER (WHERE variant.own_on) AS kept
            FROM listing_variants AS variant
            LEFT JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = ?
            WHERE variant.listing_id = ANY (?::bigint[])
            GROUP BY variant.listing_id
        ) AS asked
        WHERE listing.id = asked.listing_id
          AND listing.stall_id = ?
          AND (listing.shown_from_minor, listing.shown_keep_minor) IS DISTINCT FROM (asked.least, asked.kept)
        SQL;

    /** What has nothing left to sell asks nothing. */
    private const EMPTIED = <<<'SQL'
        UPDATE listings AS listing
        SET shown_from_minor = NULL, shown_keep_minor = NULL
        WHERE listing.stall_id = :stall
          AND (:all::boolean OR listing.id = ANY (:ids::bigint[]))
          AND (listing.shown_from_minor IS NOT NULL OR listing.shown_keep_minor IS NOT NULL)
          AND NOT EXISTS (SELECT 1 FROM listing_variants AS variant WHERE variant.listing_id = listing.id)
        SQL;

    /** Columns: those of a price; the same of what stands, and of what was made. */
    private const CHANGE = <<<'SQL'
        WITH moved AS (
            UPDATE prices AS price
            SET (%1$s, currency, since) = (
                %3$s, :currency::char(3),
                CASE WHEN price.shown_minor IS DISTINCT FROM made.shown_minor THEN now() ELSE price.since END
            )
            FROM stage_prices AS made
            WHERE price.listing_variant_id = made.listing_variant_id
              AND price.market = :market
              AND (%2$s, price.currency::text) IS DISTINCT FROM (%3$s, :currency::text)
            RETURNING price.listing_variant_id
        )
        SELECT count(*) AS prices, array_to_json((array_agg(listing_variant_id))[1:%4$d]) AS variants
        FROM moved
        SQL;

    private const ADD = <<<'SQL'
        WITH added AS (
            INSERT INTO prices (listing_variant_id, %1$s, market, stall_id, currency, since)
            SELECT made.listing_variant_id, %3$s, :market::char(2), :stall, :currency::char(3), now()
            FROM stage_prices AS made
            WHERE NOT EXISTS (
                SELECT 1
                FROM prices AS price
                WHERE price.listing_variant_id = made.listing_variant_id
                  AND price.market = :market::char(2)
            )
            RETURNING listing_variant_id
        )
        SELECT count(*) AS prices, array_to_json((array_agg(listing_variant_id))[1:%4$d]) AS variants
        FROM added
        SQL;

    /** What shoppers are asked from now on, where it is another price than they were asked last. */
    private const NOTE = <<<'SQL'
        INSERT INTO price_history (stall_id, listing_variant_id, market, price_minor, asked_at)
        SELECT price.stall_id, price.listing_variant_id, price.market, price.shown_minor, now()
        FROM stage_prices AS made
        JOIN prices AS price ON price.listing_variant_id = made.listing_variant_id
            AND price.market = ?
            AND price.since = now()
            AND price.shown_minor IS NOT NULL
        JOIN listing_variants AS variant ON variant.id = price.listing_variant_id AND variant.own_on
        JOIN listings AS listing ON listing.id = variant.listing_id AND listing.state = 'in_window'
        LEFT JOIN LATERAL (
            SELECT asked.price_minor
            FROM price_history AS asked
            WHERE asked.listing_variant_id = price.listing_variant_id
              AND asked.market = price.market
            ORDER BY asked.id DESC
            LIMIT 1
        ) AS last ON true
        WHERE last.price_minor IS DISTINCT FROM price.shown_minor
        SQL;

    private const LISTINGS = <<<'SQL'
        SELECT DISTINCT listing_id AS id
        FROM listing_variants
        WHERE id = ANY (?::bigint[])
          AND listing_id IS NOT NULL
        SQL;

    private const COLUMNS = [
        'listing_variant_id',
        'price_minor',
        'shown_minor',
        'recipe_minor',
        'goods_minor',
        'delivery_minor',
        'duty_minor',
        'handling_minor',
        'landed_minor',
        'keep_minor',
        'margin_bp',
        'above_floor_minor',
        'floor_over_cap',
        'offered',
        'priced_by',
        'recipe_id',
        'rate',
        'price_rate',
    ];

    /**
     * @param  list<int>|null  $listings  all of the stall's when null
     * @param  (callable(int): void)|null  $progress  told how many prices are made, of all markets together; it may
     *     throw to stop
     * @param  list<string>|null  $markets  all of the stall's when null
     * @return int how many prices changed
     */
    public function __invoke(
        Stall $stall,
        ?array $listings = null,
        ?callable $progress = null,
        ?array $markets = null,
    ): int {
        if ($listings === []) {
            return 0;
        }
        // The home market first: others may follow its prices.
        $markets ??= $stall->soldTo();
        $moved = $done = 0;
        foreach (
            $listings === null
                ? $this->parts($stall, $markets)
                : [array_map(static fn (string $m): array => [$m, 0, null], $markets)] as $steps
        ) {
            $moved += DB::transaction(function () use ($stall, $listings, $steps, &$done): int {
                DB::select('SELECT pg_advisory_xact_lock(?, ?)', [self::TURN, $stall->id]);
                $now = Stall::query()
                    ->with(['rates', 'recipes', 'marketRows'])
                    ->findOrFail($stall->id);
                $sheet = CostSheet::of($now);

                return array_sum(
                    array_map(function (array $step) use ($now, $sheet, $listings, &$done): int {
                        return $this->part($now, $sheet, $step[0], $listings, $step[1], $step[2], $done);
                    }, $steps),
                );
            });
            if ($progress !== null) {
                $progress($done);
            }
        }

        DB::update(self::EMPTIED, [
            'stall' => $stall->id,
            'all' => $listings === null ? 't' : 'f',
            'ids' => PgArray::numbers($listings ?? []),
        ]);

        return $moved;
    }

    /**
     * @param  list<string>  $markets
     * @return list<list<array{string, int, int|null}>> steps of each part: a market, and its listings after one number
     *     up to another
     */
    private function parts(Stall $stall, array $markets): array
    {
        $ends = array_map(
            static fn (\stdClass $r): int => (int) $r->id,
            DB::select(self::ENDS, [$stall->id, self::PART]),
        );
        $parts = [];
        foreach ($markets as $market) {
            foreach (range(0, count($ends)) as $n) {
                $parts[] = [[$market, $n === 0 ? 0 : $ends[$n - 1], $ends[$n] ?? null]];
            }
        }

        return $parts;
    }

    /** @param  list<int>|null  $listings */
    private function part(
        Stall $stall,
        CostSheet $sheet,
        string $market,
        ?array $listings,
        int $after,
        ?int $upTo,
        int &$done,
    ): int {
        DB::statement(self::STAGE);
        DB::statement('TRUNCATE stage_prices');
        $facts = new PriceFacts($stall, $sheet, $market);
        $new = false;
        $least = [];
        $done += Copy::plain(
            'stage_prices',
            self::COLUMNS,
            (static function () use ($facts, $listings, $after, $upTo, &$new, &$least): \Generator {
                foreach ($facts->read($listings, $after, $upTo) as $listing) {
                    $from = $kept = null;
                    foreach ($facts->pricer($listing['rows'])->listing($listing['variants'], $listing['spread']) as $n => $price) {
                        $row = $listing['rows'][$n];
                        $new = $new || ! $row->known;
                        if ($price->price !== null && $row->own_on) {
                            $from = min($from ?? $price->price->minor, $price->price->minor);
                        }
                        if ($price->keep !== null && $row->own_on) {
                            $kept = min($kept ?? $price->keep, $price->keep);
                        }
                        yield self::row($price, $row);
                    }
                    $first = $listing['rows'][0];
                    if ($from !== $first->shown_from_minor || $kept !== $first->shown_keep_minor) {
                        $least[$first->listing_id] = true;
                    }
                }
            })(),
        );
        if ($market === $stall->home_market && $least !== []) {
            // Once nothing is locked any more: whoever edits a listing may be waiting for a turn here.
            DB::afterCommit(fn () => $this->writeLeast($stall, array_keys($least)));
        }

        return $this->write($stall, $market, $sheet->currency($market)->code, $new);
    }

    /**
     * The least that shoppers are asked, and that is kept, on listings where it may have moved.
     *
     * @param  list<int>  $listings
     */
    private function writeLeast(Stall $stall, array $listings): void
    {
        foreach (array_chunk($listings, 20_000) as $some) {
            DB::update(self::LEAST, [$stall->home_market, PgArray::numbers($some), $stall->id]);
        }
    }

    /** @return list<string|int> in the columns' order */
    private static function row(VariantPrice $p, \stdClass $row): array
    {
        $none = Copy::NULL;

        return [
            $p->id,
            $p->price->minor ?? $none,
            $p->shown->minor ?? $none,
            $p->recipePrice->minor ?? $none,
            $p->landed->goods->minor ?? $none,
            $p->landed->delivery->minor ?? $none,
            $p->landed->duty->minor ?? $none,
            $p->landed->handling->minor ?? $none,
            $p->landed->total->minor ?? $none,
            $p->keep ?? $none,
            $p->marginBp ?? $none,
            $p->keep === null || $p->least === null ? $none : $p->keep - $p->least,
            (int) $p->floorOverCap,
            (int) $row->own_on,
            $p->by->value,
            $p->recipe === 0 ? $none : $p->recipe,
            $row->rate,
            $row->price_rate ?? $none,
        ];
    }

    /** @param  bool  $new  whether any of them had no price before */
    private function write(Stall $stall, string $market, string $currency, bool $new): int
    {
        $columns = array_slice(self::COLUMNS, 1);
        $of = static fn (string $table): string => implode(', ', array_map(
            static fn (string $column): string => $table.$column,
            $columns,
        ));
        $sql = static fn (string $written): string => sprintf(
            $written,
            $of(''),
            $of('price.'),
            $of('made.'),
            self::NAMED,
        );
        $in = ['market' => $market, 'currency' => $currency];
        $moved = DB::select($sql(self::CHANGE), $in);
        if ($new) {
            $moved = [...$moved, ...DB::select($sql(self::ADD), $in + ['stall' => $stall->id])];
        }
        DB::insert(self::NOTE, [$market]);
        $prices = array_sum(array_map(intval(...), array_column($moved, 'prices')));
        // Shelves and shoppers are shown the home market's prices alone.
        if ($prices > 0 && $market === $stall->home_market) {
            event(new ListingsChanged($stall, $prices >= self::NAMED ? null : self::listingsOf($moved)));
        }

        return $prices;
    }

    /**
     * @param  array<\stdClass>  $moved  with the variants whose prices moved
     * @return list<int>
     */
    private static function listingsOf(array $moved): array
    {
        $variants = [];
        foreach ($moved as $some) {
            $variants = [...$variants, ...(array) json_decode((string) $some->variants, true)];
        }

        return Ids::of(self::LISTINGS, [PgArray::numbers(array_values(array_map(intval(...), $variants)))]);
    }
}
