<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Joins several listings into one: their variants come together under it, told apart by an option the seller names. */
final readonly class JoinListings
{
    private const MOST_VARIANTS = 500;

    public function __construct(private ProjectListings $project)
    {
    }

    /**
     * @param  Collection<int, Listing>  $listings  the first keeps its words and pictures
     * @param  string  $option  what tells them apart: "Kind"
     * @param  array<int, string>  $values  listing → its value of that option
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, Collection $listings, string $option, array $values): Listing
    {
        $first = $listings->first() ?? throw new Refusal('Choose the listings to join.');
        $given = array_map(static fn (Listing $l): string => trim($values[$l->id] ?? ''), $listings->all());
        if ($listings->count() < 2) {
            throw new Refusal('Choose at least two listings to join.');
        }
        if (trim($option) === '' || in_array('', $given, true) || count(array_unique($given)) !== count($given)) {
            throw new Refusal('Say what tells them apart: a name for the option, and another value for each.');
        }
        if (ListingVariant::query()->whereIn('listing_id', $listings->modelKeys())->count() > self::MOST_VARIANTS) {
            throw new Refusal(
                sprintf(
                    'Together they have more than %d variants; no shopper can choose among so many.',
                    self::MOST_VARIANTS,
                ),
            );
        }

        return DB::transaction(function () use ($stall, $listings, $first, $option, $values): Listing {
            $position = 0;
            foreach ($listings as $listing) {
                $own = [trim($option) => trim($values[$listing->id])];
                foreach ($listing->variants()->get() as $variant) {
                    $variant->update([
                        'listing_id' => $first->id,
                        'own_options' => $own + ($variant->own_options ?? []),
                        'position' => $position++,
                    ]);
                }
                if ($listing->id === $first->id) {
                    continue;
                }
                foreach (
                    [
                        [
                            'supplier_item_id' => $listing->supplier_item_id,
                            'agreed_words_id' => $listing->agreed_words_id,
                        ],
                        ...$listing
                            ->joined()
                            ->get(['supplier_item_id', 'agreed_words_id'])
                            ->map(static fn (ListingItem $i): array => $i->only(['supplier_item_id', 'agreed_words_id']))
                            ->all(),
                    ] as $item
                ) {
                    if ($item['supplier_item_id'] !== $first->supplier_item_id) {
                        ListingItem::query()->insertOrIgnore(['listing_id' => $first->id] + $item);
                    }
                }
                foreach ($listing->pictures()->get() as $picture) {
                    $first->pictures()->whereNotNull('source')->where('source', $picture->source)->exists() ||
                        $first
                            ->pictures()
                            ->create(
                                array_diff_key(
                                    $picture->getAttributes(),
                                    array_flip(['id', 'listing_id', 'created_at', 'updated_at']),
                                ),
                            );
                }
                $listing->delete();
            }
            $first->update([
                'own_names' => array_merge(
                    ...array_map(
                        static fn (Listing $l): array => $l->own_names ?? [],
                        $listings->reverse()->values()->all(),
                    ),
                ) ?:
                    null,
            ]);
            ($this->project)($stall, [$first->id]);

            return $first->refresh();
        });
    }
}
