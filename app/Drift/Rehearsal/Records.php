<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rehearsal;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Source\Item;
use WindowStall\Pricing\PriceFacts;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * Reads what is on record since a day: of each listing of which a supplier said something new, or that was bought.
 *
 * @phpstan-import-type SaidItem from Item
 */
final readonly class Records
{
    private const CHUNK = 200;

    /** Listings of which something was said otherwise since, or that sold. */
    private const LISTINGS = <<<'SQL'
        SELECT listing.id
        FROM listings AS listing
        WHERE listing.stall_id = :stall
          AND listing.deleted_at IS NULL
          AND (
              EXISTS (
                  SELECT 1
                  FROM supplier_words AS words
                  WHERE words.supplier_item_id = listing.supplier_item_id AND words.said_at >= :since
              )
              OR EXISTS (
                  SELECT 1
                  FROM order_lines AS line
                  JOIN orders ON orders.id = line.order_id
                  JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
                  WHERE variant.listing_id = listing.id AND orders.state = :paid AND orders.paid_at >= :since
              )
          )
        ORDER BY listing.id
        SQL;

    /** What their suppliers said since, and last before. */
    private const VERSIONS = <<<'SQL'
        SELECT listing.id AS listing, words.said_at, words.said
        FROM listings AS listing
        JOIN supplier_words AS words ON words.supplier_item_id = listing.supplier_item_id
        WHERE listing.id = ANY (:listings::bigint[])
          AND words.id >= COALESCE((
              SELECT max(before.id)
              FROM supplier_words AS before
              WHERE before.supplier_item_id = listing.supplier_item_id AND before.said_at < :since
          ), 0)
        ORDER BY listing.id, words.id
        SQL;

    private const BOUGHT = <<<'SQL'
        SELECT variant.listing_id AS listing, variant.external_id AS variant, orders.paid_at AS at,
               line.quantity AS pieces, line.unit_minor AS price
        FROM order_lines AS line
        JOIN orders ON orders.id = line.order_id
        JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
        WHERE variant.listing_id = ANY (:listings::bigint[])
          AND orders.state = :paid
          AND orders.paid_at >= :since
          AND orders.currency = :currency
        ORDER BY orders.paid_at, line.id
        SQL;

    public function __construct(private Stall $stall, private PriceFacts $facts, private Carbon $since)
    {
    }

    /** @return list<int> */
    public function listings(): array
    {
        $rows = DB::select(self::LISTINGS, [
            'stall' => $this->stall->id,
            'since' => $this->since,
            'paid' => OrderState::Paid->value,
        ]);

        return array_values(array_map(static fn (\stdClass $row): int => (int) $row->id, $rows));
    }

    /**
     * @param  list<int>  $listings
     * @return \Generator<int, RecordedListing>
     */
    public function of(array $listings): \Generator
    {
        foreach (array_chunk($listings, self::CHUNK) as $some) {
            $in = ['listings' => PgArray::numbers($some), 'since' => $this->since];
            $versions = self::byListing(DB::select(self::VERSIONS, $in));
            $bought = self::byListing(DB::select(self::BOUGHT, $in + [
                'paid' => OrderState::Paid->value,
                'currency' => $this->stall->currency,
            ]));
            $rows = DB::table('listings')->join('supplier_items', 'supplier_items.id', 'listings.supplier_item_id')
                ->whereIn('listings.id', $some)
                ->select('listings.*', 'supplier_items.connection_id')->get()->keyBy('id');
            foreach ($this->facts->read($some) as $priced) {
                $id = (int) $priced['rows'][0]->listing_id;
                if (isset($rows[$id], $versions[$id])) {
                    yield $this->recorded($rows[$id], $priced, $versions[$id], $bought[$id] ?? []);
                }
            }
        }
    }

    /**
     * @param  array{spread: \WindowStall\Core\Pricing\Listing\PriceSpread, rows: list<\stdClass>, variants: mixed}  $priced
     * @param  list<\stdClass>  $versions
     * @param  list<\stdClass>  $bought
     */
    private function recorded(\stdClass $row, array $priced, array $versions, array $bought): RecordedListing
    {
        $prices = $atALoss = [];
        foreach ($priced['rows'] as $variant) {
            $variant->own_under_floor && $atALoss[] = (string) $variant->external_id;
            $own = $variant->own_price_minor;
            $prices[(string) $variant->external_id] = $own === null ? null : (int) $own;
        }

        /** @var array{option: string, values: list<string>}|null $part */
        $part = json_decode((string) ($row->own_part ?? 'null'), true, flags: JSON_THROW_ON_ERROR);

        return new RecordedListing(
            id: (int) $row->id,
            connection: (int) $row->connection_id,
            own: (array) json_decode((string) $row->own_policies, true),
            said: new Own(
                title: $row->own_title !== null,
                words: $row->own_words !== null,
                pictures: $row->own_pictures !== null,
                part: $part,
            ),
            prices: $prices,
            versions: array_map(self::version(...), $versions),
            bought: array_map(static fn (\stdClass $one): array => [
                'at' => (string) $one->at,
                'variant' => (string) $one->variant,
                'pieces' => (int) $one->pieces,
                'price' => (int) $one->price,
            ], $bought),
            soldAtALoss: $atALoss,
            rows: $priced['rows'],
            spread: $priced['spread'],
        );
    }

    /** @return array{string, Item} */
    private static function version(\stdClass $row): array
    {
        /** @var SaidItem $said */
        $said = json_decode((string) $row->said, true, flags: JSON_THROW_ON_ERROR);

        return [substr((string) $row->said_at, 0, 19), Item::fromArray($said)];
    }

    /**
     * @param  array<int, \stdClass>  $rows
     * @return array<int, list<\stdClass>>
     */
    private static function byListing(array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            $by[(int) $row->listing][] = $row;
        }

        return $by;
    }
}
