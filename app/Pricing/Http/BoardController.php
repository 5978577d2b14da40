<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Inertia\Support\Header;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Pricing\Recipe\Toward;
use WindowStall\Pricing\BoardQuery;
use WindowStall\Pricing\Jobs\PriceManyByHand;
use WindowStall\Pricing\PriceByHand;
use WindowStall\Pricing\Reprice;
use WindowStall\Pricing\SetPrices;
use WindowStall\Pricing\Views\BoardAnswerView;
use WindowStall\Pricing\Views\BoardView;
use WindowStall\Pricing\Views\VariantSheetView;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/**
 * The price board: every variant with what it costs, asks and keeps; prices set by hand, one or many at once.
 *
 * @phpstan-import-type Typed from PriceByHand
 */
final class BoardController
{
    public function index(Request $request, Stall $stall, LookAtMarket $look): Response
    {
        // Put in another order or turned to another page, the board alone is asked for: how many there are stays.
        $counted = $request->header(Header::PARTIAL_ONLY) !== 'board';

        return Inertia::render('pricing/BoardPage', [
            'run' => fn () => Reprice::underWay($stall),
            'board' => fn () => BoardView::of($stall, BoardQuery::of($request, $stall), $counted),
            'markets' => fn () => $look->views($stall),
        ]);
    }

    public function sheet(Stall $stall, int $variant): JsonResponse
    {
        $row = ListingVariant::query()
            ->whereKey($variant)
            ->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))
            ->firstOrFail();
        $listing = Listing::of($stall)
            ->with([...Listing::FOR_FIGURES, 'variants.supplierVariant.item', 'variants.sold.item'])
            ->findOrFail($row->listing_id);

        return new JsonResponse(VariantSheetView::of($stall, ListingFigures::of($stall, $listing), $row));
    }

    public function set(Request $request, Stall $stall, PriceByHand $price): JsonResponse
    {
        $typed = $request->validate([
            'variants' => 'required_without:all|array|max:'.SetPrices::MOST,
            'variants.*' => 'integer',
            'all' => 'sometimes|boolean',
            'do' => ['required', Rule::in(PriceByHand::WAYS)],
            'recipe' => 'sometimes|nullable|array',
            'value' => 'sometimes|nullable|string|max:20',
            'ending' => 'sometimes|nullable|string|max:20',
            'toward' => ['sometimes', Rule::enum(Toward::class)],
        ]);
        $query = BoardQuery::of($request, $stall);
        $ids = $request->boolean('all')
            ? $query->all($stall, SetPrices::MOST + 1)
            : array_values(array_map(intval(...), $typed['variants']));
        /** @var Typed $said */
        $said = array_diff_key($typed, ['variants' => 0, 'all' => 0]);
        if (count($ids) > SetPrices::AT_ONCE && count($ids) <= SetPrices::MOST) {
            $run = PriceManyByHand::start($stall, User::asking($request), ['variants' => $ids, 'typed' => $said]);

            return new JsonResponse(BoardAnswerView::later($run));
        }

        return new JsonResponse(
            BoardAnswerView::of(
                $stall,
                $query,
                $price($stall, User::asking($request), $ids, $said),
                $request->boolean('all') ? [] : $ids,
            ),
        );
    }
}
