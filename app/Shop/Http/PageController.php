<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Shop\PageStore;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;

/** Pages that are the same for every shopper; made once per revision and then served as files. */
final readonly class PageController
{
    public function __construct(private ShopRenderer $renderer, private PageStore $pages)
    {
    }

    public function home(Request $request): Response
    {
        $stall = ShopStall::of($request);

        return $this->keep($request, $stall, '/', $this->renderer->home($stall, $this->renderer->published($stall)));
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
            return ShopResponse::html(
                $this->renderer->page($stall, $this->renderer->published($stall), 'missing', ['title' => 'Not here']),
                404,
            );
        }

        return $this->keep(
            $request,
            $stall,
            '/goods/'.$slug,
            $this->renderer->goods($stall, $this->renderer->published($stall), $listing),
        );
    }

    private function keep(Request $request, Stall $stall, string $path, string $html): Response
    {
        if (! $stall->open) {
            return ShopResponse::html($html, private: true);
        }
        if ($request->isMethod('GET') && $request->getQueryString() === null) {
            // The stall was read before the page was made, so a change meanwhile has a newer revision and its own
            // folder.
            if (! $this->pages->current($stall->handle, $stall->shop_revision)) {
                $this->pages->turnTo($stall->handle, $stall->shop_revision);
            }
            $this->pages->write($stall->handle, $stall->shop_revision, $path, $html);
        }

        return ShopResponse::html($html);
    }
}
