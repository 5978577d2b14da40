<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Addresses;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Source\ProductGroups;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Splits one listing into several: each keeps its link to its supplier variants, so stock, costs and drift go on. */
final readonly class SplitListing
{
    public const MOST = 20;

    public function __construct(private ProjectListings $project)
    {
    }

    /** The groups the program proposes, of the variants this listing has. */
    public static function proposal(ListingFigures $figures): ProductGroups
    {
        return ProductGroups::of($figures->now);
    }

    /**
     * @param  list<array{name: string, variants: list<int>}>  $groups  of the listing's variants, each in one; the
     *     first stays this listing
     * @return list<Listing> the new ones
     *
     * @throws Refusal when the groups don't hold every variant once
     */
    public function __invoke(Stall $stall, Listing $listing, array $groups): array
    {
        $groups = array_values(array_filter($groups, static fn (array $g): bool => $g['variants'] !== []));
        $ids = array_merge(...array_column($groups, 'variants'));
        if (count($groups) < 2) {
            throw new Refusal('There is nothing to split: put variants in at least two groups.');
        }
        if (
            count($ids) !== count(array_unique($ids)) ||
            $listing->variants()->whereKey($ids)->count() !== count($ids) ||
            $listing->variants()->count() !== count($ids)
        ) {
            throw new Refusal('Each variant belongs into one group. Load the page again.');
        }
        foreach ($groups as $group) {
            if (trim($group['name']) === '') {
                throw new Refusal('Give each group a name; it becomes the title.');
            }
        }

        return DB::transaction(function () use ($stall, $listing, $groups): array {
            $figures = ListingFigures::of($stall, $listing);
            $option = self::proposal($figures)->option;
            $made = [];
            foreach ($groups as $n => $group) {
                $part = $n === 0 ? $listing : $this->another($stall, $listing, $group['name']);
                $this->give($part, $listing, $figures, $group['variants'], $option, $group['name']);
                if ($n > 0) {
                    $made[] = $part;
                }
            }
            ($this->project)($stall, [$listing->id, ...array_map(static fn (Listing $l): int => $l->id, $made)]);

            return $made;
        });
    }

    private function another(Stall $stall, Listing $from, string $name): Listing
    {
        $part = $from->replicate([
            'slug',
            'own_pictures',
            'own_title',
            'own_words',
            'own_search_title',
            'own_search_words',
            'shown_since',
            'supplier_items_count',
        ]);
        $part->state = ListingState::OnBench;
        $part->slug = Addresses::ofNew($stall, [$name])[0];
        $part->save();
        foreach ($from->pictures()->get() as $picture) {
            $part
                ->pictures()
                ->create(
                    array_diff_key(
                        $picture->getAttributes(),
                        array_flip(['id', 'listing_id', 'created_at', 'updated_at']),
                    ),
                );
        }

        return $part;
    }

    /** @param  list<int>  $variants */
    private function give(
        Listing $part,
        Listing $from,
        ListingFigures $figures,
        array $variants,
        ?string $option,
        string $name,
    ): void {
        $values = [];
        $sources = [];
        foreach ($figures->variants as $v) {
            if (in_array($v->row->id, $variants, true)) {
                $values[] = $option === null ? '' : $v->said->options[$option] ?? '';
                $sources[] = $v->pictureSource;
            }
        }
        $values = array_values(array_unique(array_filter($values, static fn (string $v): bool => $v !== '')));
        $pictures = $part->pictures()->whereIn('source', array_filter($sources))->orderBy('id')->pluck('id')->all();
        $part->update([
            'own_title' => trim($name),
            // Split by hand alone: nobody can say where a new variant belongs, so none comes in by itself.
            'own_pictures' => $pictures === [] ? null : $pictures,
            'own_part' => ['option' => (string) $option, 'values' => $values],
            // The option that told the products apart has one value left; there is nothing to choose by it.
            'own_dropped' => $option !== null && count($values) === 1
                    ? array_values(array_unique([...$from->own_dropped, $option]))
                    : $from->own_dropped,
        ]);
        ListingVariant::query()
            ->whereKey($variants)
            ->update(['listing_id' => $part->id]);
    }
}
