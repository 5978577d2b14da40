<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Core\Money\Rates;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Support\PgArray;

/** What is known of goods that are to be sent: from where and by what they could go to a country, and what that costs. */
final class SentGoods
{
    /** What suppliers said last of their variants, with what they ask for a parcel with one of them. */
    private const SOURCES = <<<'SQL'
        SELECT variant.id, item.connection_id, variant.goods_minor, said.currency, said.processing, said.grams, said.stock,
               (
                   SELECT jsonb_object_agg(quote.warehouse, quote.methods)
                   FROM delivery_quotes AS quote
                   WHERE quote.connection_id = item.connection_id
                     AND quote.destination = :country
                     AND quote.grams = said.grams
                     AND quote.warehouse IN (SELECT jsonb_object_keys(said.stock))
               ) AS methods
        FROM supplier_variants AS variant
        JOIN supplier_items AS item ON item.id = variant.supplier_item_id
        JOIN supplier_words AS words ON words.id = item.words_id
        CROSS JOIN LATERAL (
            SELECT words.said->>'currency' AS currency, words.said->'processing' AS processing,
                   (one->>'grams')::int AS grams,
                   -- A supplier without stock anywhere has an empty list there.
                   CASE jsonb_typeof(one->'stock') WHEN 'object' THEN one->'stock' ELSE '{}'::jsonb END AS stock
            FROM jsonb_array_elements(words.said::jsonb->'variants') AS one
            WHERE one->>'id' = variant.external_id
            LIMIT 1
        ) AS said
        WHERE variant.stall_id = :stall
          AND variant.id = ANY(:sources)
          AND variant.gone_at IS NULL
        SQL;

    /**
     * @param  list<WantedLine>  $lines
     * @param  string  $country  ISO 3166-1
     * @return list<QuotedGoods> as many, in their order
     */
    public static function of(Stall $stall, array $lines, string $country): array
    {
        $rates = CostSheet::of($stall)->rates();
        $sources = [];
        $ids = array_values(array_unique(array_map(static fn (WantedLine $l): int => $l->source, $lines)));
        $rows = DB::select(self::SOURCES, [
            'country' => $country,
            'stall' => $stall->id,
            'sources' => PgArray::numbers($ids),
        ]);
        foreach ($rows as $row) {
            $sources[(int) $row->id] = $row;
        }

        $goods = static fn (WantedLine $line): QuotedGoods => self::goods($line, $sources[$line->source] ?? null, $rates);

        return array_map($goods, $lines);
    }

    private static function goods(WantedLine $line, ?\stdClass $row, Rates $rates): QuotedGoods
    {
        return new QuotedGoods(
            name: $line->name,
            supplier: (int) $row?->connection_id,
            pieces: $line->pieces,
            grams: $row === null || (int) $row->grams === 0 ? null : (int) $row->grams,
            price: $line->price,
            cost: $row?->goods_minor === null ? null : $line->price->with((int) $row->goods_minor * $line->pieces),
            tags: $line->tags,
            offers: $row === null ? [] : self::offers($row, $rates),
        );
    }

    /** @return list<Offer> */
    private static function offers(\stdClass $row, Rates $rates): array
    {
        /** @var array<string, int> $stock */
        $stock = json_decode((string) $row->stock, true);
        /** @var array<string, list<array{string, int, int, int, 4?: int|null}>> $methods */
        $methods = json_decode((string) ($row->methods ?? '{}'), true);
        /** @var array{int, int} $processing */
        $processing = json_decode((string) $row->processing, true);
        $currency = Currency::of((string) $row->currency);
        try {
            $rate = $rates->from($currency);
        } catch (RateMissing) {
            return [];
        }
        $offers = [];
        foreach ($stock as $warehouse => $pieces) {
            foreach ($methods[$warehouse] ?? [] as $said) {
                $further = $said[4] ?? null;
                $offers[] = new Offer(
                    warehouse: (string) $warehouse,
                    method: $said[0],
                    delivery: $rate->convert(new Money($said[1], $currency)),
                    days: (new DayRange($said[2], $said[3]))->after(new DayRange(...$processing)),
                    stock: $pieces,
                    further: $further === null ? null : $rate->convert(new Money($further, $currency)),
                );
            }
        }

        return $offers;
    }
}
