<?php

declare(strict_types=1);

namespace WindowStall\Bench\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Pictures\SendPicture;
use WindowStall\Bench\Views\ListingView;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;

/** One listing on the bench. Every edit answers with the whole listing as it then stands. */
final readonly class ListingController
{
    public function __construct(private PatchListings $patch)
    {
    }

    public function show(Stall $stall, Listing $listing): Response
    {
        $near = Listing::of($stall)->where('state', $listing->state);

        return Inertia::render('bench/ListingPage', [
            'listing' => $this->of($stall, $listing),
            'earlier' => (clone $near)->where('id', '>', $listing->id)->orderBy('id')->value('id'),
            'later' => (clone $near)->where('id', '<', $listing->id)->orderByDesc('id')->value('id'),
        ]);
    }

    public function view(Stall $stall, Listing $listing): JsonResponse
    {
        return $this->answer($stall, $listing);
    }

    public function update(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        return $this->say($request, $stall, $listing, TypedPatch::ofListing($request, $stall, $listing));
    }

    public function variants(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        return $this->say($request, $stall, $listing, TypedPatch::ofVariants($request, $stall));
    }

    /** What a price that is being typed would come to; nothing is saved. */
    public function till(Request $request, Stall $stall, Listing $listing): JsonResponse
    {
        $row = ListingVariant::query()
            ->with('prices')
            ->where('listing_id', $listing->id)
            ->whereKey($request->integer('variant'))
            ->firstOrFail();
        $price = Money::parse(Typed::text($request, 'price'), $stall->currencyValue());
        if ($price->isNegative()) {
            throw new Refusal('A price can’t be below nothing.');
        }
        $figures = ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id));
        $till =
            ListingFigures::ring($stall, $row->priceIn($stall->home_market), $price, $figures->terms) ??
            throw new Refusal(sprintf('This can’t be delivered to %s.', $stall->marketName()));
        $label = $figures->labelOf($row->id);

        return new JsonResponse(SaleView::of(ListingView::about($label, $stall->marketName()), $till));
    }

    public function upload(Request $request, Stall $stall, Listing $listing, SendPicture $send): JsonResponse
    {
        $shown = array_map(static fn (Picture $p): int => $p->id, ListingFigures::of($stall, $listing)->pictures);
        $picture = $send($stall, $listing, UploadedPicture::bytes($request, 'picture'));

        return $this->say($request, $stall, $listing, ListingPatch::none()->pictures([...$shown, $picture->id]));
    }

    private function say(Request $request, Stall $stall, Listing $listing, ListingPatch $patch): JsonResponse
    {
        $this->patch->one($stall, User::asking($request), $listing, $patch, TypedPatch::seen($request));

        return $this->answer($stall, $listing);
    }

    private function answer(Stall $stall, Listing $listing): JsonResponse
    {
        return new JsonResponse($this->of($stall, $listing));
    }

    private function of(Stall $stall, Listing $listing): ListingView
    {
        return ListingView::of(ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id)));
    }
}
