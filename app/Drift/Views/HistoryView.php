<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;

/** What was said of a listing, and by which rules what is said next is settled. */
final readonly class HistoryView
{
    /** @param  list<MomentView>  $moments  newest first */
    public function __construct(public array $moments, public ListingRulesView $rules)
    {
    }

    public static function of(Stall $stall, Listing $listing): self
    {
        $listing->loadMissing('supplierItem.connection');

        return new self(MomentView::all($stall, $listing), ListingRulesView::of($stall, $listing));
    }
}
