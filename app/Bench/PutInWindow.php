<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Prices\PriceHistory;
use WindowStall\Stall\Stall;

/**
 * Puts listings in the window; those that can't be shown yet stay where they are, each with its reasons. Also takes
 * them out.
 */
final readonly class PutInWindow
{
    public function __construct(private ProjectListings $project, private CountWording $count)
    {
    }

    /** @param  Collection<int, Listing>  $listings */
    public function __invoke(Stall $stall, Collection $listings): Placement
    {
        return DB::transaction(function () use ($stall, $listings): Placement {
            // Listings before prices, as whoever edits does.
            Listing::of($stall)->whereKey($listings->modelKeys())->orderBy('id')->lockForUpdate()->pluck('id');
            ($this->project)($stall, array_values($listings->modelKeys()));
            $placed = [];
            $left = [];
            foreach (
                Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($listings->modelKeys())->orderBy('id')->get() as $listing
            ) {
                $lacks = ListingFigures::of($stall, $listing)->readiness()->lacks;
                if ($lacks !== []) {
                    $left[] = ['listing' => $listing, 'lacks' => $lacks];

                    continue;
                }
                $listing->update(['state' => ListingState::InWindow, 'shown_since' => $listing->shown_since ?? now()]);
                $placed[] = $listing;
            }
            $ids = array_map(static fn (Listing $l): int => $l->id, $placed);
            // Their pages are from here on.
            event(new ListingsChanged($stall, $ids));
            PriceHistory::begin($ids);

            return new Placement($placed, $left);
        }, attempts: 3);
    }

    /** @param  Collection<int, Listing>  $listings */
    public function takeOut(Stall $stall, Collection $listings, ListingState $to): int
    {
        return DB::transaction(function () use ($stall, $listings, $to): int {
            event(new ListingsChanged($stall, array_values($listings->modelKeys())));
            $moved = Listing::of($stall)
                ->whereKey($listings->modelKeys())
                ->where('state', '!=', $to)
                ->update(['state' => $to]);
            ($this->count)($stall, array_values($listings->modelKeys()));

            return $moved;
        });
    }
}
