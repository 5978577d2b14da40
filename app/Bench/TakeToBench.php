<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\Landing\LandListed;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/** Takes supplier items to the bench, each once: pressing twice takes nothing twice. */
final readonly class TakeToBench
{
    private const LISTINGS = <<<'SQL'
        INSERT INTO listings (
            stall_id, supplier_item_id, agreed_words_id, state, slug, created_at, updated_at
        )
        SELECT :stall, item.id, item.words_id, :state, given.slug, now(), now()
        FROM unnest(:items::bigint[], :slugs::text[]) AS given (item, slug)
        JOIN supplier_items AS item ON item.id = given.item
        ORDER BY item.id
        RETURNING id
        SQL;

    private const VARIANTS = <<<'SQL'
        INSERT INTO listing_variants (listing_id, supplier_variant_id, external_id, position, own_on)
        SELECT listing.id, variant.id, variant.external_id, variant.position, true
        FROM listings AS listing
        JOIN supplier_variants AS variant ON variant.supplier_item_id = listing.supplier_item_id
        WHERE listing.id = ANY (?::bigint[])
          AND variant.gone_at IS NULL
        ORDER BY listing.id, variant.position, variant.id
        SQL;

    public function __construct(private ProjectListings $project, private LandListed $land)
    {
    }

    /** @param  list<int>  $itemIds ids of another stall's items are passed over */
    public function __invoke(Stall $stall, array $itemIds): Taken
    {
        $taken = DB::transaction(function () use ($stall, $itemIds): Taken {
            // Two presses at once queue up here.
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $items = SupplierItem::query()
                ->withTaken()
                ->where('stall_id', $stall->id)
                ->whereKey($itemIds)
                ->whereNotNull('words_id')
                ->orderBy('id')
                ->get();
            $free = $items->reject(static fn (SupplierItem $item): bool => $item->isTaken());
            $addresses = Addresses::ofNew($stall, $free->pluck('title', 'id')->all());
            $new = $this->take($stall, $addresses);

            return new Taken($new, $items->count() - $free->count());
        });
        if ($taken->new !== []) {
            ($this->land)($stall, array_map(static fn (Listing $l): int => $l->supplier_item_id, $taken->new));
            ($this->project)($stall, array_map(static fn (Listing $l): int => $l->id, $taken->new));
        }

        return $taken;
    }

    /**
     * @param  array<int, string>  $addresses  supplier item → the address its page gets
     * @return list<Listing> in the items' order
     */
    private function take(Stall $stall, array $addresses): array
    {
        if ($addresses === []) {
            return [];
        }
        $ids = array_column(DB::select(self::LISTINGS, [
            'stall' => $stall->id,
            'items' => PgArray::numbers(array_keys($addresses)),
            'slugs' => PgArray::texts(array_values($addresses)),
            'state' => ListingState::OnBench->value,
        ]), 'id');
        DB::insert(self::VARIANTS, [PgArray::numbers(array_values(array_map(intval(...), $ids)))]);

        return array_values(Listing::of($stall)->whereKey($ids)->orderBy('supplier_item_id')->get()->all());
    }
}
