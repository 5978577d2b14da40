<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\Views\ListingRowView;
use WindowStall\Bench\Views\PlacementView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

final class BenchController
{
    /** Up to so many are put in the window while one waits; more go in the background. */
    private const AT_ONCE = 8;

    private const PAGE = 40;

    public function index(Request $request, Stall $stall): Response
    {
        $state = ListingState::tryFrom(Typed::text($request, 'state'));
        $page = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->when($state !== null, fn ($q) => $q->where('state', $state))
            ->orderByDesc('id')
            ->cursorPaginate(self::PAGE, cursor: Cursors::byId($request))
            ->withQueryString();

        return Inertia::render('bench/BenchPage', [
            'listings' => collect($page->items())
                ->map(fn (Listing $l): ListingRowView => ListingRowView::of(ListingFigures::of($stall, $l)))
                ->all(),
            'state' => $state?->value,
            'counts' => Listing::of($stall)
                ->toBase()
                ->selectRaw('state, count(*) as n')
                ->groupBy('state')
                ->pluck('n', 'state'),
            'atOnce' => self::AT_ONCE,
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    public function putInWindow(Request $request, Stall $stall, PutInWindow $put): JsonResponse
    {
        $placement = $put($stall, $this->chosen($request, $stall));

        return new JsonResponse(PlacementView::of($stall, $placement));
    }

    public function takeOut(Request $request, Stall $stall, PutInWindow $put): JsonResponse
    {
        $to = Typed::text($request, 'to') === ListingState::PutBy->value ? ListingState::PutBy : ListingState::OnBench;

        return new JsonResponse(['moved' => $put->takeOut($stall, $this->chosen($request, $stall), $to)]);
    }

    /** @return Collection<int, Listing> */
    private function chosen(Request $request, Stall $stall): Collection
    {
        $typed = $request->validate(
            ['listings' => 'required|array|min:1|max:500', 'listings.*' => 'integer'],
            ['listings.required' => 'Choose a listing first.'],
        );

        $ids = array_unique(array_map(intval(...), $typed['listings']));
        $listings = Listing::of($stall)->whereKey($ids)->get();
        if ($listings->count() !== count($ids)) {
            throw new Refusal('One of these listings is gone. Load the page again.');
        }

        return $listings;
    }
}
