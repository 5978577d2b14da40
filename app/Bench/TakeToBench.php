<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\Landing\LandListed;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** Takes supplier items to the bench, each once: pressing twice takes nothing twice. */
final readonly class TakeToBench
{
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
                ->with('variants')
                ->withTaken()
                ->where('stall_id', $stall->id)
                ->whereKey($itemIds)
                ->whereNotNull('words_id')
                ->orderBy('id')
                ->get();
            $free = $items->reject(static fn (SupplierItem $item): bool => $item->isTaken());
            $addresses = Addresses::ofNew($stall, $free->pluck('title', 'id')->all());
            $new = $free->map(fn (SupplierItem $i): Listing => $this->take($stall, $i, $addresses[$i->id]));

            return new Taken(array_values($new->all()), $items->count() - $free->count());
        });
        if ($taken->new !== []) {
            ($this->land)($stall, array_map(static fn (Listing $l): int => $l->supplier_item_id, $taken->new));
            ($this->project)($stall, array_map(static fn (Listing $l): int => $l->id, $taken->new));
        }

        return $taken;
    }

    private function take(Stall $stall, SupplierItem $item, string $slug): Listing
    {
        $listing = new Listing([
            'stall_id' => $stall->id,
            'supplier_item_id' => $item->id,
            'agreed_words_id' => $item->words_id,
            'state' => ListingState::OnBench,
        ]);
        $listing->slug = $slug;
        $listing->save();
        $this->rows($listing, $item);

        return $listing->refresh();
    }

    private function rows(Listing $listing, SupplierItem $item): void
    {
        ListingVariant::query()->insert(
            $item->variants
                ->whereNull('gone_at')
                ->map(
                    static fn ($v): array => [
                        'listing_id' => $listing->id,
                        'supplier_variant_id' => $v->id,
                        'external_id' => $v->external_id,
                        'position' => $v->position,
                        'own_on' => true,
                    ],
                )
                ->values()
                ->all(),
        );
    }
}
