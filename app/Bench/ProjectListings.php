<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Bench\MakeUp\VariantSource;
use WindowStall\Bench\Pictures\PictureQueue;
use WindowStall\Core\Bench\Supply;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Together;

/**
 * Works out again what listings show and writes it into their shown_… columns, for lists and for the shop. Only what
 * differs is written.
 */
final readonly class ProjectListings
{
    /** Listings that are worked out at a time. */
    private const CHUNK = 1_000;

    /** What each is called: as the seller says, else as was agreed and still stands, else as its supplier says now. */
    private const RENAMED = <<<'SQL'
        WITH called AS (
            SELECT listing.id,
                   left(
                       COALESCE(
                           listing.own_title, listing.waiting->>'title', now.said->>'title', agreed.said->>'title'
                       ),
                       400
                   ) AS title
            FROM listings AS listing
            LEFT JOIN supplier_items AS item ON item.id = listing.supplier_item_id
            LEFT JOIN supplier_words AS now ON now.id = item.words_id
            LEFT JOIN supplier_words AS agreed ON agreed.id = listing.agreed_words_id
            WHERE listing.stall_id = :stall
              AND listing.deleted_at IS NULL
              AND listing.id = ANY (:ids::bigint[])
        )
        UPDATE listings AS listing
        SET shown_title = called.title, updated_at = now()
        FROM called
        WHERE called.id = listing.id
          AND listing.shown_title IS DISTINCT FROM called.title
        RETURNING listing.id, listing.shown_title, listing.shown_since
        SQL;

    private const ADDRESS = <<<'SQL'
        UPDATE listings AS listing
        SET slug = given.slug
        FROM unnest(:ids::bigint[], :slugs::text[]) AS given (id, slug)
        WHERE given.id = listing.id
          AND listing.stall_id = :stall
        SQL;

    /** Pictures of their suppliers that listings haven't got yet. */
    /** In the supplier's order: the first of them leads wherever nobody said otherwise. */
    private const WANTED = <<<'SQL'
        WITH sources AS (
            SELECT listing.id, listing.stall_id, listing.supplier_item_id
            FROM listings AS listing
            WHERE listing.stall_id = :stall AND listing.deleted_at IS NULL AND listing.id = ANY (:ids::bigint[])
            UNION
            SELECT listing.id, listing.stall_id, joined.supplier_item_id
            FROM listings AS listing
            JOIN listing_items AS joined ON joined.listing_id = listing.id
            WHERE listing.stall_id = :stall AND listing.deleted_at IS NULL AND listing.id = ANY (:ids::bigint[])
        )
        INSERT INTO pictures (stall_id, listing_id, source, state, created_at, updated_at)
        SELECT sources.stall_id, sources.id, picture.address, 'waiting', now(), now()
        FROM sources
        JOIN supplier_items AS item ON item.id = sources.supplier_item_id
        JOIN supplier_words AS words ON words.id = item.words_id
        CROSS JOIN LATERAL json_array_elements_text(words.said->'pictures') WITH ORDINALITY AS picture (address, place)
        WHERE NOT EXISTS (
            SELECT 1 FROM pictures AS here WHERE here.listing_id = sources.id AND here.source = picture.address
        )
        GROUP BY sources.stall_id, sources.id, picture.address
        ORDER BY sources.id, min(picture.place), picture.address
        ON CONFLICT DO NOTHING
        RETURNING listing_id
        SQL;

    public function __construct(private MakesPrices $price, private CountWording $count)
    {
    }

    /** @param  list<int>|null  $ids all of the stall's when null */
    public function __invoke(Stall $stall, ?array $ids = null): void
    {
        Together::do(fn () => $this->project($stall, $ids));
    }

    /** @param  list<int>|null  $ids */
    private function project(Stall $stall, ?array $ids): void
    {
        $this->chooseSources($stall, $ids);
        ($this->price)($stall, $ids);
        foreach (array_chunk($ids ?? Listing::of($stall)->orderBy('id')->pluck('id')->all(), self::CHUNK) as $some) {
            DB::transaction(fn () => $this->show($stall, $some), attempts: 3);
        }
    }

    /** @param  list<int>  $some */
    private function show(Stall $stall, array $some): void
    {
        $of = ['stall' => $stall->id, 'ids' => PgArray::numbers($some)];
        $this->address($stall, DB::select(self::RENAMED, $of));
        ($this->count)($stall, $some);
        $wanted = array_unique(array_column(DB::select(self::WANTED, $of), 'listing_id'));
        $line = $wanted === [] ? '' : PictureQueue::of($stall->id);
        foreach ($wanted as $listing) {
            FetchPictures::dispatch((int) $listing, leading: true)->onQueue($line)->afterCommit();
        }
        event(new ListingsChanged($stall, $some));
    }

    /**
     * The address of a page follows the title until somebody may have seen it.
     *
     * @param  array<\stdClass>  $renamed
     */
    private function address(Stall $stall, array $renamed): void
    {
        $titles = [];
        foreach ($renamed as $listing) {
            if ($listing->shown_since === null) {
                $titles[(int) $listing->id] = (string) $listing->shown_title;
            }
        }
        if ($titles !== []) {
            $addresses = Addresses::ofListings($stall, $titles);
            DB::update(self::ADDRESS, [
                'stall' => $stall->id,
                'ids' => PgArray::numbers(array_keys($addresses)),
                'slugs' => PgArray::texts(array_values($addresses)),
            ]);
        }
    }

    /**
     * Who sells each variant that can be had from several places, by what they have now.
     *
     * @param  list<int>|null  $ids
     */
    private function chooseSources(Stall $stall, ?array $ids): void
    {
        $rows = ListingVariant::query()
            ->with(['sources.supplierVariant'])
            ->whereHas(
                'listing',
                fn ($q) => $q->where('stall_id', $stall->id)->when($ids !== null, fn ($q) => $q->whereKey($ids)),
            )
            ->where(fn ($q) => $q->whereHas('sources')->orWhereNotNull('sold_variant_id'));
        $moved = $rows->get()->filter(self::sellsFromElsewhere(...));
        if ($moved->isNotEmpty()) {
            DB::transaction(static function () use ($stall, $moved): void {
                $moved->each(static fn (ListingVariant $row) => $row->save());
                $listings = $moved->pluck('listing_id')->filter()->unique();
                event(new ListingsChanged($stall, array_values(array_map(intval(...), $listings->all()))));
            }, attempts: 3);
        }
    }

    /** Whether it is sold from another place than until now, which is filled in. */
    private static function sellsFromElsewhere(ListingVariant $row): bool
    {
        $sources = array_values(
            $row->sources
                ->map(
                    static fn (VariantSource $s): Supply => new Supply(
                        $s->supplier_variant_id,
                        $s->supplierVariant?->available() ?? 0,
                        $s->use,
                        $s->supplierVariant?->landed_minor,
                        $s->supplierVariant?->days_max,
                    ),
                )
                ->all(),
        );

        return $row->fill([
            'sold_variant_id' => $sources === [] ? null : Supply::selling($sources)->id,
        ])->isDirty('sold_variant_id');
    }
}
