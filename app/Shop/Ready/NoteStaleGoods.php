<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Stall\StalePages;

/** Listens to ListingsChanged: notes which pages are stale where listings changed, in the transaction that changes them. */
final class NoteStaleGoods
{
    public function handle(ListingsChanged $changed): void
    {
        if ($changed->listings === null) {
            StalePages::frame($changed->stall);

            return;
        }
        // What was never shown has no page.
        StalePages::goods($changed->stall, array_values(
            Listing::of($changed->stall)
                ->withTrashed()
                ->whereKey($changed->listings)
                ->whereNotNull('shown_since')
                ->pluck('slug')
                ->map(strval(...))
                ->all(),
        ));
    }
}
