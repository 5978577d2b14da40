<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Covers;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfFigures;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Shelves\ShelfPlaces;
use WindowStall\Shelves\Views\MadeShelfView;
use WindowStall\Shelves\Views\ShelfGoodView;
use WindowStall\Shelves\Views\ShelvesView;
use WindowStall\Stall\Stall;

/** All shelves of a stall: made, by hand or as proposed, and taken away. */
final readonly class ShelvesController
{
    /** Goods on no shelf that are named at once. */
    private const NAMED = 60;

    public function __construct(private ChangeShelf $change)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('shelves/ShelvesPage', ['shelves' => ShelvesView::of($stall)]);
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'name' => 'required|string|max:80',
            'rule' => 'present|nullable|array',
            'listings' => 'sometimes|array|max:2000',
            'listings.*' => 'integer',
        ], ['name.required' => 'A shelf needs a name.']);
        $shelf = $this->change->make($stall, trim($typed['name']), $typed['rule']);
        $listings = array_values(array_map(intval(...), $typed['listings'] ?? []));
        if ($listings !== []) {
            $this->change->place(
                $stall,
                $shelf,
                static fn (Shelf $now) => ShelfPlaces::put($stall, $now, $listings, ShelfPlaces::BY_HAND),
            );
        }

        return new JsonResponse(new MadeShelfView($shelf->id));
    }

    public function destroy(Stall $stall, Shelf $shelf): JsonResponse
    {
        $this->change->remove($stall, $shelf);

        return new JsonResponse(ShelvesView::of($stall));
    }

    /** Goods in the window that stand on no shelf. */
    public function homeless(Stall $stall): JsonResponse
    {
        $ids = array_slice((new ShelfFigures($stall))->homeless(), 0, self::NAMED);
        $pictures = Covers::leading($stall, $ids);
        $rows = ShelfGoods::all($stall)->whereIn('facts.listing_id', $ids)->orderBy('facts.title')->get();

        return new JsonResponse($rows->map(
            static fn (\stdClass $row): ShelfGoodView => ShelfGoodView::of(
                $stall,
                $row,
                $pictures[(int) $row->listing_id] ?? null,
            ),
        )->all());
    }
}
