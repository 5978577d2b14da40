<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Pricing\VariantPrice;
use WindowStall\Stall\Stall;
use WindowStall\Support\Copy;

/**
 * Makes the price lists: reads what prices are made from, lets core price it listing by listing, and writes what
 * changed.
 *
 * A hundred thousand variants go in parts, each whole in a transaction; what comes out depends on nothing but what is
 * stored, so it can be done again at any time. A stall's prices are made by one at a time, and what they are made from
 * is read once it is one's turn: nobody writes prices over later ones.
 */
final class PriceListings
{
    /** Listings of one part: whole tables are read for each, so parts are large. */
    private const PART = 40_000;

    /** The first of the two numbers of PostgreSQL's advisory lock; the second is the stall's. */
    public const TURN = 5_403;

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
        $markets ??= $stall->markets();
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
            DB::select(
                'SELECT id FROM (SELECT id, row_number() OVER (ORDER BY id) AS n FROM listings WHERE stall_id = ? AND deleted_at IS NULL) l WHERE n % ? = 0 ORDER BY id',
                [$stall->id, self::PART],
            ),
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
        DB::statement(
            'CREATE TEMP TABLE IF NOT EXISTS stage_prices (listing_variant_id bigint, price_minor bigint, shown_minor bigint, recipe_minor bigint, goods_minor bigint, delivery_minor bigint, duty_minor bigint, handling_minor bigint, landed_minor bigint, keep_minor bigint, margin_bp int, above_floor_minor bigint, floor_over_cap boolean, offered boolean, priced_by text, recipe_id bigint, rate text, price_rate text)',
        );
        DB::statement('TRUNCATE stage_prices');
        $facts = new PriceFacts($stall, $sheet, $market);
        $pricer = $sheet->pricer($market);
        $new = false;
        $least = [];
        $done += Copy::plain(
            'stage_prices',
            self::COLUMNS,
            (static function () use ($facts, $pricer, $listings, $after, $upTo, &$new, &$least): \Generator {
                foreach ($facts->read($listings, $after, $upTo) as $listing) {
                    $from = null;
                    foreach ($pricer->listing($listing['variants'], $listing['spread']) as $n => $price) {
                        $row = $listing['rows'][$n];
                        $new = $new || ! $row->known;
                        if ($price->price !== null && $row->own_on) {
                            $from = min($from ?? $price->price->minor, $price->price->minor);
                        }
                        yield self::row($price, $row);
                    }
                    if ($from !== $listing['rows'][0]->shown_from_minor) {
                        $least[$listing['rows'][0]->listing_id] = true;
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
     * The least price that shoppers are asked, on listings where it may have moved.
     *
     * @param  list<int>  $listings
     */
    private function writeLeast(Stall $stall, array $listings): void
    {
        foreach (array_chunk($listings, 20_000) as $some) {
            DB::update(
                'UPDATE listings l SET shown_from_minor = r.least FROM (SELECT v.listing_id, min(p.price_minor) FILTER (WHERE v.own_on) AS least FROM listing_variants v LEFT JOIN prices p ON p.listing_variant_id = v.id AND p.market = ? WHERE v.listing_id = ANY (?::bigint[]) GROUP BY 1) r
                WHERE l.id = r.listing_id AND l.stall_id = ? AND l.shown_from_minor IS DISTINCT FROM r.least',
                [$stall->home_market, '{'.implode(',', $some).'}', $stall->id],
            );
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
        $list = static fn (string $of): string => implode(
            ', ',
            array_map(static fn (string $c): string => $of.$c, $columns),
        );
        $moved = DB::update(
            'UPDATE prices p SET ('.
                $list('').
                ', currency, since) = ('.
                $list('s.').
                ', ?, CASE WHEN p.shown_minor IS DISTINCT FROM s.shown_minor THEN now() ELSE p.since END)
            FROM stage_prices s WHERE p.listing_variant_id = s.listing_variant_id AND p.market = ? AND ('.
                $list('p.').
                ', p.currency::text) IS DISTINCT FROM ('.
                $list('s.').
                ', ?)',
            [$currency, $market, $currency],
        );
        $made = ! $new
            ? 0
            : DB::affectingStatement(
                'INSERT INTO prices (listing_variant_id, '.
                    $list('').
                    ', market, stall_id, currency, since) SELECT s.listing_variant_id, '.
                    $list('s.').
                    ', ?, ?, ?, now() FROM stage_prices s
            WHERE NOT EXISTS (SELECT 1 FROM prices p WHERE p.listing_variant_id = s.listing_variant_id AND p.market = ?)',
                [$market, $stall->id, $currency, $market],
            );
        DB::insert(
            "INSERT INTO price_history (stall_id, listing_variant_id, market, price_minor, asked_at)
            SELECT p.stall_id, p.listing_variant_id, p.market, p.shown_minor, now() FROM stage_prices s JOIN prices p ON p.listing_variant_id = s.listing_variant_id AND p.market = ? AND p.since = now() AND p.shown_minor IS NOT NULL
            JOIN listing_variants v ON v.id = p.listing_variant_id AND v.own_on JOIN listings l ON l.id = v.listing_id AND l.state = 'in_window'
            LEFT JOIN LATERAL (SELECT h.price_minor FROM price_history h WHERE h.listing_variant_id = p.listing_variant_id AND h.market = p.market ORDER BY h.id DESC LIMIT 1) last ON true WHERE last.price_minor IS DISTINCT FROM p.shown_minor",
            [$market],
        );

        return $moved + $made;
    }
}
