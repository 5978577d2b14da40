<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Pricing\Offers\WasPrice;
use WindowStall\Core\Words\OptionWords;
use WindowStall\Stall\Stall;
use WindowStall\Support\JoinByHash;
use WindowStall\Support\PgArray;

/**
 * One row for each of the goods in the window with all that rules, facets and orders look at, made in one pass over
 * listings, variants, prices and stock. Only what differs is written.
 */
final readonly class GoodsFacts
{
    /** %s: which listings; small letters as Unicode has them, whatever the database sorts by. */
    private const MAKE = <<<'SQL'
        WITH asked AS MATERIALIZED (
            SELECT listing.*
            FROM listings AS listing
            WHERE listing.stall_id = :stall
              AND listing.state = 'in_window'
              AND listing.deleted_at IS NULL
              AND %1$s
        ),
        offered AS MATERIALIZED (
            SELECT variant.listing_id,
                   variant.external_id,
                   variant.own_options,
                   own.supplier_item_id AS said_by,
                   sold.supplier_item_id AS sold_by,
                   sold.days_min,
                   sold.days_max,
                   sold.warehouse,
                   price.price_minor,
                   price.keep_minor,
                   price.margin_bp,
                   have.pieces,
                   have.pieces > 0 AND may_be_offered(
                       variant.own_on, price.price_minor, price.under_floor, variant.own_under_floor
                   ) AS buyable,
                   COALESCE(variant.own_was_minor > price.price_minor, false) AND (
                       NOT :lawful::boolean OR EXISTS (
                           SELECT 1
                           FROM (
                               SELECT history.price_minor,
                                      lead(history.asked_at) OVER (ORDER BY history.id) AS ended,
                                      first_value(history.asked_at) OVER (ORDER BY history.id DESC) AS began
                               FROM price_history AS history
                               WHERE history.listing_variant_id = variant.id AND history.market = :home
                           ) AS stood
                           WHERE stood.price_minor = variant.own_was_minor
                             AND stood.ended > stood.began - make_interval(days => :days)
                       )
                   ) AS was
            FROM asked
            JOIN listing_variants AS variant ON variant.listing_id = asked.id AND variant.own_on
            JOIN supplier_variants AS own ON own.id = variant.supplier_variant_id
            JOIN supplier_variants AS sold ON sold.id = variant.selling_id
            JOIN prices AS price
                ON price.listing_variant_id = variant.id AND price.market = :home AND price.price_minor > 0
            CROSS JOIN LATERAL (
                SELECT sold.available AS pieces
            ) AS have
        ),
        sold AS (
            SELECT offered.listing_id,
                   COALESCE(min(price_minor) FILTER (WHERE buyable), min(price_minor)) AS price,
                   COALESCE(max(price_minor) FILTER (WHERE buyable), max(price_minor)) AS price_to,
                   COALESCE(min(keep_minor) FILTER (WHERE buyable), min(keep_minor)) AS keep,
                   COALESCE(min(margin_bp) FILTER (WHERE buyable), min(margin_bp)) AS margin,
                   sum(pieces) AS stock,
                   bool_or(buyable) AS buyable,
                   min(days_max) FILTER (WHERE buyable) AS days,
                   (array_agg(days_min ORDER BY days_max, days_min) FILTER (WHERE buyable))[1] AS days_from,
                   bool_or(was) AS was,
                   array_agg(DISTINCT item.connection_id) AS suppliers,
                   array_agg(DISTINCT offered.warehouse::text)
                       FILTER (WHERE pieces > 0 AND offered.warehouse IS NOT NULL) AS posted_from,
                   bool_or(COALESCE(jsonb_array_length(item.methods::jsonb), 0) > 0) AS printed
            FROM offered
            JOIN supplier_items AS item ON item.id = offered.sold_by
            GROUP BY offered.listing_id
        ),
        said AS MATERIALIZED (
            SELECT item.id, variant->>'id' AS external_id, variant->'options' AS options
            FROM (SELECT DISTINCT said_by FROM offered) AS wanted
            JOIN supplier_items AS item ON item.id = wanted.said_by
            JOIN supplier_words AS words ON words.id = item.words_id
            CROSS JOIN LATERAL json_array_elements(words.said->'variants') AS variant
            WHERE json_typeof(variant->'options') = 'object'
        ),
        named AS (
            SELECT offered.listing_id,
                   COALESCE(NULLIF(asked.own_names->given.name->>'as', ''), given.name) AS name,
                   COALESCE(NULLIF(asked.own_names->given.name->'values'->>given.value, ''), given.value) AS value,
                   offered.own_options
            FROM offered
            JOIN asked ON asked.id = offered.listing_id
            JOIN said ON said.id = offered.said_by AND said.external_id = offered.external_id
            CROSS JOIN LATERAL json_each_text(said.options) AS given (name, value)
            WHERE NOT jsonb_exists(asked.own_dropped, given.name)
        ),
        chosen AS (
            SELECT listing_id, name, value
            FROM named
            WHERE own_options IS NULL OR NOT jsonb_exists(own_options::jsonb, name)
            UNION
            SELECT offered.listing_id, own.name, own.value
            FROM offered
            CROSS JOIN LATERAL jsonb_each_text(offered.own_options::jsonb) AS own (name, value)
            WHERE jsonb_typeof(offered.own_options::jsonb) = 'object'
        ),
        joined AS (
            SELECT DISTINCT listing_id,
                   COALESCE(
                       :names::jsonb ->> rtrim(lower(btrim(name)), '.:'),
                       upper(left(btrim(name), 1)) || substr(btrim(name), 2)
                   ) AS name,
                   COALESCE(
                       :values::jsonb ->> lower(substring(btrim(value) FROM '^([A-Za-z]{3})(?:[-_ ]?[0-9]{1,4})?$')),
                       upper(left(btrim(value), 1)) || substr(btrim(value), 2)
                   ) AS value
            FROM chosen
        ),
        options AS (
            SELECT listing_id,
                   array_agg(name || ': ' || value ORDER BY name, value) AS options,
                   array_agg(DISTINCT name) FILTER (WHERE ways > 1) AS choices
            FROM (
                SELECT listing_id, name, value, count(*) OVER (PARTITION BY listing_id, name) AS ways
                FROM joined
            ) AS way
            GROUP BY listing_id
        ),
        made AS (
            SELECT asked.id,
                   asked.shown_title AS title,
                   COALESCE(asked.own_type, '') AS type,
                   ARRAY(SELECT jsonb_array_elements_text(asked.own_tags)) AS tags,
                   COALESCE(sold.suppliers, '{}') AS suppliers,
                   sold.price, sold.price_to, sold.keep, sold.margin,
                   COALESCE(sold.stock, 0) AS stock,
                   COALESCE(sold.buyable, false) AS buyable,
                   asked.shown_since,
                   COALESCE(options.options, '{}') AS options,
                   COALESCE(options.choices, '{}') AS choices,
                   COALESCE(sold.printed, false) AS printed,
                   COALESCE(sold.posted_from, '{}') AS posted_from,
                   sold.days_from, sold.days,
                   COALESCE(sold.was, false) AS was,
                   regexp_replace(COALESCE(asked.own_words, ''), '<[^>]*>', ' ', 'g') AS words
            FROM asked
            LEFT JOIN sold ON sold.listing_id = asked.id
            LEFT JOIN options ON options.listing_id = asked.id
        )
        INSERT INTO goods_facts AS facts (
            listing_id, stall_id, title, type, type_low, tags, tags_low, suppliers, price_minor, price_to_minor, keep_minor,
            margin_bp, stock, buyable, shown_since, options, options_low, choices, printed, posted_from, days_min, days_max,
            was, search
        )
        SELECT id, :stall, title, type, lower(type COLLATE "und-x-icu"), tags,
               string_to_array(lower(array_to_string(tags, chr(31)) COLLATE "und-x-icu"), chr(31)),
               suppliers, price, price_to, keep, margin, stock, buyable, shown_since, options,
               string_to_array(lower(array_to_string(options, chr(31)) COLLATE "und-x-icu"), chr(31)), choices,
               printed, posted_from, days_from, days, was,
               setweight(to_tsvector('english', title), 'A')
                   || setweight(to_tsvector('simple', title), 'A')
                   || setweight(to_tsvector('english', type || ' ' || array_to_string(tags, ' ')), 'B')
                   || setweight(to_tsvector('english', array_to_string(options, ' ')), 'C')
                   || setweight(to_tsvector('english', left(words, 20000)), 'D')
        FROM made
        ORDER BY id
        ON CONFLICT (listing_id) DO UPDATE
        SET (
            title, type, type_low, tags, tags_low, suppliers, price_minor, price_to_minor, keep_minor, margin_bp, stock,
            buyable, shown_since, options, options_low, choices, printed, posted_from, days_min, days_max, was, search,
            back_since
        ) = (
            excluded.title, excluded.type, excluded.type_low, excluded.tags, excluded.tags_low, excluded.suppliers,
            excluded.price_minor, excluded.price_to_minor, excluded.keep_minor, excluded.margin_bp, excluded.stock,
            excluded.buyable, excluded.shown_since, excluded.options, excluded.options_low, excluded.choices,
            excluded.printed, excluded.posted_from, excluded.days_min, excluded.days_max, excluded.was, excluded.search,
            CASE WHEN excluded.buyable AND NOT facts.buyable THEN now() ELSE facts.back_since END
        )
        WHERE (
            facts.title, facts.type, facts.tags, facts.suppliers, facts.price_minor, facts.price_to_minor, facts.keep_minor,
            facts.margin_bp, facts.stock, facts.buyable, facts.shown_since, facts.options, facts.choices, facts.printed,
            facts.posted_from, facts.days_min, facts.days_max, facts.was, facts.search
        ) IS DISTINCT FROM (
            excluded.title, excluded.type, excluded.tags, excluded.suppliers, excluded.price_minor,
            excluded.price_to_minor, excluded.keep_minor, excluded.margin_bp, excluded.stock, excluded.buyable,
            excluded.shown_since, excluded.options, excluded.choices, excluded.printed, excluded.posted_from,
            excluded.days_min, excluded.days_max, excluded.was, excluded.search
        )
        SQL;

    private const GONE = <<<'SQL'
        DELETE FROM goods_facts AS facts
        WHERE facts.stall_id = :stall
          AND %1$s
          AND NOT EXISTS (
              SELECT 1
              FROM listings AS listing
              WHERE listing.id = facts.listing_id
                AND listing.state = 'in_window'
                AND listing.deleted_at IS NULL
          )
        SQL;

    private const SOLD = <<<'SQL'
        UPDATE goods_facts AS facts
        SET sold_pieces = COALESCE(sold.pieces, 0), sold_at = sold.at
        FROM goods_facts AS asked
        LEFT JOIN unnest(:listings::bigint[], :pieces::int[], :times::timestamp[]) AS sold (listing, pieces, at)
            ON sold.listing = asked.listing_id
        WHERE asked.stall_id = :stall
          AND facts.listing_id = asked.listing_id
          AND %1$s
          AND (facts.sold_pieces, facts.sold_at) IS DISTINCT FROM (COALESCE(sold.pieces, 0), sold.at)
        SQL;

    /** Words goods are called by, so that a mistyped one can be put right. */
    private const WORDS = <<<'SQL'
        INSERT INTO shop_words (stall_id, word)
        SELECT DISTINCT facts.stall_id, word.name
        FROM goods_facts AS facts
        CROSS JOIN LATERAL unnest(tsvector_to_array(to_tsvector(
            'simple', concat_ws(' ', facts.title, facts.type, array_to_string(facts.tags, ' '))
        ))) AS word (name)
        WHERE facts.stall_id = :stall
          AND %1$s
          AND length(word.name) BETWEEN 3 AND 60
          AND word.name ~ '^[[:alpha:]]'
        ON CONFLICT DO NOTHING
        SQL;

    private const CONCERN = <<<'SQL'
        SELECT EXISTS (
            SELECT 1
            FROM listings
            WHERE stall_id = :stall AND id = ANY (:ids::bigint[]) AND state = 'in_window' AND deleted_at IS NULL
        ) OR EXISTS (
            SELECT 1 FROM goods_facts WHERE stall_id = :stall AND listing_id = ANY (:ids::bigint[])
        )
        SQL;

    /** More than these are joined by sets. */
    public const MANY = 500;

    public function __construct(private SoldLately $sold)
    {
    }

    /**
     * Whether any of these is in the window, or was when it was last looked at: what only lies on the bench changes most
     * often, and is on no shelf.
     *
     * @param  list<int>  $listings
     */
    public function concern(Stall $stall, array $listings): bool
    {
        return (bool) DB::scalar(self::CONCERN, ['stall' => $stall->id, 'ids' => PgArray::numbers($listings)]);
    }

    /**
     * @param  list<int>|null  $listings  all of the stall's when null
     * @return int rows that differ from before
     */
    public function __invoke(Stall $stall, ?array $listings): int
    {
        $which = static fn (string $column): string => $listings === null
            ? 'true'
            : $column.' = ANY (:ids::bigint[])';
        $ids = $listings === null ? [] : ['ids' => PgArray::numbers($listings)];
        $of = ['stall' => $stall->id] + $ids;
        $sold = $this->sold->of($stall, $listings);

        $differ = DB::affectingStatement(sprintf(self::GONE, $which('facts.listing_id')), $of);
        $make = static fn (): int => DB::affectingStatement(sprintf(self::MAKE, $which('listing.id')), $of + [
            'home' => $stall->home_market,
            // As the page asks it: WasPrice::refusal().
            'lawful' => WasPrice::demandedIn($stall->home_market) ? 'true' : 'false',
            'days' => WasPrice::DAYS,
            // "Clr: GRN-05" and "Colour: Green" are one thing to narrow by.
            'names' => json_encode(OptionWords::joinedNames($stall->home_market), JSON_THROW_ON_ERROR),
            'values' => json_encode(OptionWords::joinedValues(), JSON_THROW_ON_ERROR),
        ]);
        $made = $listings === null || count($listings) > self::MANY ? JoinByHash::within($make) : $make();
        if ($made > 0) {
            DB::insert(sprintf(self::WORDS, $which('facts.listing_id')), $of);
        }

        return $differ + $made + GoodsAbroad::fill($stall, $listings) +
            DB::update(sprintf(self::SOLD, $which('facts.listing_id')), $of + [
                'listings' => PgArray::numbers(array_column($sold, 'listing')),
                'pieces' => PgArray::numbers(array_column($sold, 'pieces')),
                'times' => PgArray::texts(
                    array_map(static fn (array $s): string => $s['at']->format('Y-m-d H:i:s'), $sold),
                ),
            ]);
    }
}
