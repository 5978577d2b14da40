<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Shop\Related;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;

/** The homepage and the pages of goods; made once per revision and then served as files. */
final readonly class PageController
{
    public function __construct(private ShopRenderer $renderer, private KeepPage $keep)
    {
    }

    public function home(Request $request): Response
    {
        $stall = ShopStall::of($request);

        return ($this->keep)($request, $stall, '/', $this->renderer->home($stall, $this->renderer->published($stall)));
    }

    public function nowhere(Request $request): Response
    {
        return $this->renderer->missing(ShopStall::of($request));
    }

    public function goods(Request $request, string $slug): Response
    {
        $stall = ShopStall::of($request);
        $listing = Listing::query()
            ->with(Listing::FOR_FIGURES)
            ->where('stall_id', $stall->id)
            ->where('slug', $slug)
            ->where('state', ListingState::InWindow)
            ->first();
        if ($listing === null) {
            return $this->renderer->missing($stall);
        }

        $related = Related::to($stall, $listing);

        return ($this->keep)(
            $request,
            $stall,
            '/goods/'.$slug,
            $this->renderer->goods($stall, $this->renderer->published($stall), $listing, $related),
            Related::slugs($related),
        );
    }
}
