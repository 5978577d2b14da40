<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\EditListing;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Drift\Agree;
use WindowStall\Drift\Views\DriftRowView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Cursors;

final class DriftController
{
    public function index(Request $request, Stall $stall): Response
    {
        $page = $stall->listings()->with(Listing::FOR_FIGURES)->where('changes_count', '>', 0)->orderByDesc('id')->cursorPaginate(40, cursor: Cursors::byId($request));

        return Inertia::render('drift/DriftPage', [
            'rows' => collect($page->items())->map(fn (Listing $l): DriftRowView => DriftRowView::of(ListingFigures::of($stall, $l)))->all(),
            'next' => $page->nextCursor()?->encode(),
        ]);
    }

    public function agree(Request $request, Stall $stall, Agree $agree): RedirectResponse
    {
        $typed = $request->validate(['listings' => 'required|array|min:1|max:500', 'listings.*' => 'integer']);
        $count = $agree($stall, $stall->listings()->whereKey($typed['listings'])->get());

        return back()->with('say', $count === 1 ? 'Agreed to 1 change.' : "Agreed to $count changes.");
    }

    /** Keeps the word the seller last agreed to, as their own. */
    public function keep(Request $request, Stall $stall, Listing $listing, EditListing $edit): RedirectResponse
    {
        $field = $request->validate(['field' => 'required|in:title,words'])['field'];
        $agreed = ListingFigures::of($stall, $listing)->agreed;
        $field === 'title' ? $edit->title($stall, $listing, $agreed->title) : $edit->words($stall, $listing, $agreed->description);

        return back()->with('say', 'Kept. The field is held now.');
    }
}
