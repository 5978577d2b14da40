<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Drift\Deciding\CarryOut;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Ids;
use WindowStall\Support\PgArray;

/** Judges what a supplier changed, in the listings that it concerns; each listing whole or not at all. */
final readonly class JudgeListings
{
    private const CHUNK = 500;

    /** What has to be loaded to judge without a query for each. */
    private const LOADED = [
        'agreedWords',
        'supplierItem.words',
        'supplierItem.connection',
        'joined.agreedWords',
        'joined.supplierItem.words',
        'joined.supplierItem.connection',
    ];

    /** Listings of which something was said since they were judged: of one supplier, or some of them. */
    private const MOVED = <<<'SQL'
        SELECT listing.id
        FROM listings AS listing
        JOIN supplier_items AS item ON item.id = listing.supplier_item_id
        WHERE listing.stall_id = :stall
          AND listing.deleted_at IS NULL
          AND (:connection::bigint IS NULL OR item.connection_id = :connection)
          AND (:some::bigint[] IS NULL OR listing.id = ANY (:some))
          AND (listing.agreed_words_id <> item.words_id OR listing.supplier_gone <> (item.gone_at IS NOT NULL))
        UNION
        SELECT joined.listing_id
        FROM listing_items AS joined
        JOIN supplier_items AS item ON item.id = joined.supplier_item_id
        JOIN listings AS listing ON listing.id = joined.listing_id AND listing.deleted_at IS NULL
        WHERE joined.stall_id = :stall
          AND (:connection::bigint IS NULL OR item.connection_id = :connection)
          AND (:some::bigint[] IS NULL OR listing.id = ANY (:some))
          AND joined.agreed_words_id <> item.words_id
        ORDER BY 1
        SQL;

    private const SETTLE_LEFT = <<<'SQL'
        UPDATE drift_changes AS change
        SET standing = 'settled', rule = 'its variant came off the listing'
        FROM listing_variants AS variant
        WHERE variant.id = change.listing_variant_id
          AND variant.listing_id IS NULL
          AND change.standing = 'asks'
          AND change.listing_id = ANY (?::bigint[])
        SQL;

    public function __construct(private CarryOut $carryOut, private Recognise $recognise)
    {
    }

    /** @return list<int> the listings that were judged */
    public function __invoke(Stall $stall, SupplierConnection $connection, ?Run $run = null): array
    {
        return $this->moved($stall, ['connection' => $connection->id, 'some' => null], $run);
    }

    /**
     * Listings that weren't there while something was said, because somebody had deleted them.
     *
     * @param  list<int>  $listings
     */
    public function thatCameBack(Stall $stall, array $listings): void
    {
        $this->moved($stall, ['connection' => null, 'some' => PgArray::numbers($listings)], null);
    }

    /**
     * @param  array{connection: int|null, some: string|null}  $which
     * @return list<int> the listings that were judged
     */
    private function moved(Stall $stall, array $which, ?Run $run): array
    {
        $ids = Ids::of(self::MOVED, ['stall' => $stall->id] + $which);
        foreach (array_chunk($ids, self::CHUNK) as $some) {
            DB::transaction(fn () => $this->judge($stall, $some, $run));
        }

        return $ids;
    }

    /** @param  list<int>  $ids */
    private function judge(Stall $stall, array $ids, ?Run $run): void
    {
        // Whoever edits one of them meanwhile waits; what they said then counts.
        $listings = Listing::of($stall)->with(self::LOADED)->whereKey($ids)->orderBy('id')->lockForUpdate()->get();
        /** @var Collection<int, Collection<int, DriftChange>> $open */
        $open = DriftChange::query()
            ->whereIn('listing_id', $ids)
            ->whereIn('standing', ['asks', 'kept'])
            ->orderBy('id')
            ->get()
            ->groupBy('listing_id');
        $book = new JudgedBook($stall, $this->carryOut);
        $judged = $said = [];
        foreach ($listings as $listing) {
            $asked = $open->get($listing->id) ?? new Collection();
            $one = new ListingDocket($stall, $listing, $asked, $run, $book, $this->recognise);
            array_push($said, ...$one->read());
            $judged[$listing->id] = $one;
        }
        $asked = array_map(intval(...), $open->flatten()->pluck('listing_variant_id')->filter()->all());
        $variants = $this->variants($stall, $ids, $said, array_values($asked));
        foreach ($judged as $id => $one) {
            $one->judge($variants->get($id) ?? new Collection());
        }
        $book->close();
    }

    /**
     * Variants of listings that something was said of, with the price at home and their item, and that questions are
     * about.
     *
     * @param  list<int>  $listings
     * @param  list<string>  $said  the suppliers' ids
     * @param  list<int>  $asked
     * @return Collection<array-key, Collection<int, ListingVariant>> by listing
     */
    private function variants(Stall $stall, array $listings, array $said, array $asked): Collection
    {
        return ListingVariant::query()
            ->whereRaw('listing_id = ANY (?::bigint[])', [PgArray::numbers($listings)])
            ->whereRaw('(external_id = ANY (?::text[]) OR id = ANY (?::bigint[]))', [
                PgArray::texts($said),
                PgArray::numbers($asked),
            ])
            ->with([
                'supplierVariant:id,supplier_item_id',
                'prices' => static fn (Relation $prices) => $prices->where('market', $stall->home_market),
            ])
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('listing_id');
    }

    /**
     * How many changes of each listing wait for a person. Of variants that are off their listing nobody is asked.
     *
     * @param  list<int>  $ids
     */
    public static function count(array $ids): void
    {
        DB::update(self::SETTLE_LEFT, [PgArray::numbers($ids)]);
        DB::update(
            <<<'SQL'
                WITH counted AS (
                    SELECT listing.id, count(change.id) AS asks
                    FROM unnest(?::bigint[]) AS listing (id)
                    LEFT JOIN drift_changes AS change ON change.listing_id = listing.id AND change.standing = 'asks'
                    GROUP BY listing.id
                )
                UPDATE listings AS listing
                SET changes_count = counted.asks
                FROM counted
                WHERE counted.id = listing.id
                  AND listing.changes_count <> counted.asks
                SQL
            ,
            [PgArray::numbers($ids)],
        );
    }
}
