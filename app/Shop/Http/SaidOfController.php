<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Reviews\ListingReviews;
use WindowStall\Shop\GoodsPage;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Support\Speech\Speech;

/** All that was said of one of the goods, and for which reasons the stall hides what it does. */
final readonly class SaidOfController
{
    public function __construct(private ShopRenderer $renderer)
    {
    }

    public function __invoke(Request $request, string $slug): Response
    {
        $stall = ShopStall::of($request);
        $listing = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('slug', $slug)
            ->where('state', ListingState::InWindow)
            ->first();
        if ($listing === null) {
            return $this->renderer->missing($stall);
        }
        $page = GoodsPage::of(ListingFigures::of($stall, $listing));
        $title = Speech::say('shop.said.of', goods: $page->title);

        return ShopResponse::html($this->renderer->page($stall, $this->renderer->published($stall), 'all-said', [
            'title' => $title,
            'path' => $page->address().'/said',
            'good' => $page,
            'reviews' => $page->reviews(),
            'all' => $page->reviews()->latest(ListingReviews::MOST),
            'hidden' => $page->reviews()->hidden(),
            'crumbs' => [
                ['words' => $page->title, 'href' => $page->address()],
                ['words' => Speech::say('shop.said.heading_of'), 'href' => $page->address().'/said'],
            ],
        ]));
    }
}
