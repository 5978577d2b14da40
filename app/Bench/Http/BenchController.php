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
use WindowStall\Bench\Views\PlaceView;
use WindowStall\Bench\WhatLies;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

final class BenchController
{
    /** Up to so many are put in the window while one waits; more go in the background. */
    private const AT_ONCE = 8;

    /** Pages that anybody turns to by hand. */
    private const MOST_PAGES = 100_000;

    public function index(Request $request, Stall $stall): Response
    {
        $words = mb_substr(Typed::text($request, 'q'), 0, 80);
        $from = Typed::text($request, 'from');
        $suppliers = SupplierConnection::of($stall)->orderBy('name')->pluck('name', 'id')->all();
        $supplier = isset($suppliers[$from]) ? (int) $from : null;
        $lies = new WhatLies($stall, $words, $supplier);
        $counts = $lies->counts();
        $place = fn (ListingState $state, ?int $page): PlaceView => self::place($stall, $lies, $state, $counts, $page);
        $turned = static fn (string $name): int => max(1, min(self::MOST_PAGES, (int) Typed::text($request, $name)));

        return Inertia::render('bench/BenchPage', [
            'lying' => $place(ListingState::OnBench, $turned('lying')),
            'shown' => $place(ListingState::InWindow, $turned('shown')),
            'by' => $place(ListingState::PutBy, $request->query('by') === null ? null : $turned('by')),
            'words' => $words,
            'from' => $supplier,
            'suppliers' => array_map(
                static fn (int $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($suppliers),
                array_values($suppliers),
            ),
            'any' => array_sum($counts) > 0 || Listing::of($stall)->exists(),
            'atOnce' => self::AT_ONCE,
        ]);
    }

    /**
     * @param  array<string, int>  $counts
     * @param  int|null  $page  null while it is folded away
     */
    private static function place(
        Stall $stall,
        WhatLies $lies,
        ListingState $state,
        array $counts,
        ?int $page,
    ): PlaceView {
        $count = $counts[$state->value];
        $pages = WhatLies::pages($count);
        $page = $page === null ? null : min($page, $pages);

        return new PlaceView(
            count: $count,
            page: $page ?? 1,
            pages: $pages,
            rows: $page === null
                ? null
                : array_values(
                    $lies
                        ->page($state, $page)
                        ->map(fn (Listing $l): ListingRowView => ListingRowView::of(ListingFigures::of($stall, $l)))
                        ->all(),
                ),
        );
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
